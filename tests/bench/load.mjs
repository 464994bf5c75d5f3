// So many people at once, each with two seconds of thought between clicks on rooms, bench, stock, finder and sheet:
// `./jornel load [people] [seconds]`. Prints how many requests there were, how long they took, and what failed.
// Wanted on two cores: 95 % under 200 ms but for finder and sheet, these under 2 s when they are not kept, and no error.
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { Agent, request } from 'node:http';

const [, , at, file, seconds = '60'] = process.argv;
const { programme, password, people } = JSON.parse(readFileSync(file, 'utf8'));
const THOUGHT = 2000;
const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
/** Thought between clicks: two seconds on average, never none (exponential, so that clicks fall as they like). */
const think = (random) => wait(200 + (THOUGHT - 200) * -Math.log(1 - random()));

/** Numbers from 0 to 1, the same for the same seed each time, so that two runs can be compared (mulberry32). */
function numbers(seed) {
    let state = seed * 0x9e3779b9;
    return () => {
        state = (state + 0x6d2b79f5) | 0;
        let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
        mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
        return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
    };
}

const times = new Map();
const faults = new Map();

/** One request and its whole answer. Without the layers of fetch, as these people share the processors with what they measure. */
function answerTo(method, path, headers, body, agent) {
    return new Promise((resolve, reject) => {
        const asked = request(new URL(path, at), { method, headers, agent }, (response) => {
            const parts = [];
            response.on('data', (part) => parts.push(part));
            response.on('end', () =>
                resolve({ status: response.statusCode, set: response.headers['set-cookie'] ?? [], bytes: Buffer.concat(parts) }),
            );
            response.on('error', reject);
        });
        asked.on('error', reject);
        asked.end(body);
    });
}

/** A browser of somebody: its connection, its cookies, and the key of every write. */
class Browser {
    cookies = new Map();
    agent = new Agent({ keepAlive: true });

    async ask(kind, method, path, body) {
        const began = performance.now();
        const sent = body && Buffer.from(JSON.stringify(body));
        let status = 'no answer';
        try {
            const answer = await answerTo(
                method,
                path,
                {
                    Accept: 'application/json',
                    ...(sent ? { 'Content-Type': 'application/json', 'Content-Length': sent.length } : {}),
                    ...(method === 'GET'
                        ? {}
                        : { 'Idempotency-Key': randomUUID(), 'X-XSRF-TOKEN': decodeURIComponent(this.cookies.get('XSRF-TOKEN') ?? '') }),
                    Cookie: [...this.cookies].map(([name, value]) => `${name}=${value}`).join('; '),
                },
                sent,
                this.agent,
            );
            for (const cookie of answer.set) {
                const [, name, value] = cookie.match(/^([^=]+)=([^;]*)/);
                this.cookies.set(name, value);
            }
            status = answer.status;
            times.set(kind, [...(times.get(kind) ?? []), performance.now() - began]);
            if (status >= 200 && status < 300) return { status, text: answer.bytes };
        } catch (fault) {
            status = String(fault);
        }
        const name = `${kind}: ${status}`;
        faults.set(name, (faults.get(name) ?? 0) + 1);
        return { status, text: null };
    }
}

const CORNERS = ['open', 'taped', 'shroud'];

function clicks(browser, self, random) {
    let entries = null;
    let goal = '';
    const unit = { ...self.choices };
    const one = (list) => list[Math.floor(random() * list.length)];
    return [
        [3, async () => browser.ask('programme', 'GET', `/api/v1/programmes/${programme}`)],
        [
            3,
            async () => {
                const { text } = await browser.ask('room', 'GET', `/api/v1/rooms/${one(people).room}`);
                if (text) ({ entries, goal } = JSON.parse(text));
            },
        ],
        [
            8,
            async () => {
                if (!entries) return;
                Object.assign(unit, { units: 1 + Math.floor(random() * 4), corners: one(CORNERS) });
                await browser.ask('bench', 'POST', '/api/v1/evaluations', { room: entries, goal, unit, programme });
            },
        ],
        [
            2,
            async () => {
                await browser.ask('stock', 'GET', `/api/v1/programmes/${programme}/stock`);
            },
        ],
        [
            1,
            async () => {
                await browser.ask('stock movement', 'POST', `/api/v1/programmes/${programme}/stock`, {
                    kind: 'fan',
                    code: 'box-20-plain',
                    move: one(['bought', 'used']),
                    pieces: 1,
                    build: null,
                    note: '',
                });
            },
        ],
        [
            1,
            async () => {
                if (!entries) return;
                const ticket = randomUUID();
                const began = performance.now();
                const question = {
                    room: entries,
                    goal,
                    programme,
                    ticket,
                    wishes: {
                        level: '',
                        seat: '',
                        first_cost: '',
                        total_cost: '',
                        footprint: '',
                        height: '',
                        power: '',
                        minutes: '',
                        tools: null,
                        skills: null,
                        from_stock: false,
                        windows: false,
                        prefilters: false,
                        coarser: false,
                        units: 4,
                        sure: 0.75,
                    },
                };
                let said = await browser.ask('finder, one request', 'POST', '/api/v1/finds', question);
                while (said.status === 202) {
                    // As the page does (frontend/src/features/find/queries.ts).
                    const { before } = JSON.parse(said.text);
                    await wait(before <= 3 ? 100 : Math.min(3000, 300 * (before - 3)));
                    said = await browser.ask('finder, one request', 'POST', '/api/v1/finds', question);
                }
                times.set('finder', [...(times.get('finder') ?? []), performance.now() - began]);
            },
        ],
        [
            1,
            async () => {
                await browser.ask('sheet', 'GET', `/api/v1/versions/${one(people).version}/sheet`);
            },
        ],
    ];
}

async function signIn(self, number) {
    const browser = new Browser();
    await wait(numbers(number)() * 10000);
    await browser.ask('sign-in', 'GET', '/sanctum/csrf-cookie');
    await browser.ask('sign-in', 'POST', '/api/v1/session', { email: self.email, password });
    return browser;
}

async function click(browser, self, until, random) {
    await wait(random() * THOUGHT);
    const all = clicks(browser, self, random);
    const weight = all.reduce((sum, [share]) => sum + share, 0);
    while (Date.now() < until) {
        let left = random() * weight;
        await all.find(([share]) => (left -= share) <= 0)[1]();
        await think(random);
    }
}

/** What the processors did since the machine began, in ticks: nothing; something; what other machines on the same host took. */
function processors() {
    const [, ...ticks] = readFileSync('/proc/stat', 'utf8').split('\n')[0].split(/\s+/).map(Number);
    const [user, nice, system, idle, waiting, interrupts, soft, stolen] = ticks;
    return [idle + waiting, user + nice + system + interrupts + soft, stolen];
}

// Everybody comes in first; then the clock begins.
const browsers = await Promise.all(people.map(signIn));
const before = processors();
const until = Date.now() + Number(seconds) * 1000;
await Promise.all(people.map((self, number) => click(browsers[number], self, until, numbers(100 + number))));
const spent = processors().map((ticks, kind) => ticks - before[kind]);

const SLOW = ['finder', 'finder, one request', 'sheet', 'sign-in'];
/** Within which 95 % are wanted, ms. */
const WANTED = { 'all but finder, sheet': 200, finder: 2000, sheet: 2000 };
const share = (list, part) => list[Math.min(list.length - 1, Math.floor(part * list.length))];
const row = (name, list) => {
    list.sort((a, b) => a - b);
    console.log(
        `${name.padEnd(22)} ${String(list.length).padStart(8)} ${[share(list, 0.5), share(list, 0.95), list.at(-1)].map((ms) => ms.toFixed(0).padStart(8)).join(' ')}`,
    );
};
console.log(`${'ms'.padEnd(22)} ${['requests', 'median', '95 %', 'longest'].map((name) => name.padStart(8)).join(' ')}`);
const all = [...times].sort();
times.set(
    'all but finder, sheet',
    all.filter(([name]) => !SLOW.includes(name)).flatMap(([, list]) => list),
);
for (const [name, list] of [...all, ['all but finder, sheet', times.get('all but finder, sheet')]]) row(name, list);
const late = Object.entries(WANTED).filter(([name, most]) => share(times.get(name) ?? [0], 0.95) > most);
const failed = [...faults.values()].reduce((sum, count) => sum + count, 0);
console.log(`${people.length} people for ${seconds} s; ${failed} errors`);
const part = (kind) => `${Math.round((100 * spent[kind]) / spent.reduce((sum, ticks) => sum + ticks))} %`;
console.log(`processors idle ${part(0)}, at work ${part(1)}, taken by others on the host ${part(2)}`);
for (const [name, count] of faults) console.log(`  ${count} × ${name}`);
if (20 * spent[2] > spent[1]) console.log('  Others on the host took so much that the figures are not those of this machine alone.');
for (const [name, most] of late) console.log(`  ${name}: later than the ${most} ms that are wanted`);
process.exit(failed > 0 || late.length > 0 ? 1 : 0);
