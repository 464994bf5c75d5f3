import { randomKey } from './randomKey';
import { sessionGate } from './sessionGate';

function cookie(name: string): string | undefined {
    const found = document.cookie.split('; ').find((one) => one.startsWith(`${name}=`));
    return found === undefined ? undefined : decodeURIComponent(found.slice(name.length + 1));
}

/** Sends a request with the token of this session: at once where there is one, before anything else is drawn. */
function sendOnce(request: Request): Promise<Response> {
    const withToken = (token = ''): Promise<Response> => {
        request.headers.set('X-XSRF-TOKEN', token);
        // Somebody else may have signed in in another tab: nothing of this page is kept as theirs.
        if (sessionGate.who() > 0) request.headers.set(PERSON, String(sessionGate.who()));
        return fetch(request);
    };
    if (request.method === 'GET') return fetch(request);
    const token = cookie('XSRF-TOKEN');
    return token === undefined ? newToken().then(() => withToken(cookie('XSRF-TOKEN'))) : withToken(token);
}

const newToken = (): Promise<Response> => fetch('/sanctum/csrf-cookie', { credentials: 'same-origin' });

/** As whom a write is sent. */
const PERSON = 'X-Jornel-Person';

/** The token belongs to a session that has ended. */
const STALE_TOKEN = 419;
const SIGNED_OUT = 401;

/** By which the server knows a write again, so that it does nothing twice when it is sent once more. */
const WRITE_KEY = 'Idempotency-Key';

/** The server cannot answer just now: what was sent was not done. */
const NOT_NOW = 503;

/** How long a write waits before it is sent again whose answer was lost, ms. */
const WAITS = [400, 1600];

/** Sends a write until it is answered, a few times at most; whether the first try was carried out does not matter. */
async function sendSurely(again: () => Request): Promise<Response> {
    for (const wait of WAITS) {
        try {
            const response = await sendOnce(again());
            if (response.status !== NOT_NOW) return response;
            await new Promise((resolve) => setTimeout(resolve, wait));
        } catch (fault) {
            if (again().signal.aborted || (fault instanceof DOMException && fault.name === 'AbortError')) throw fault;
            await new Promise((resolve) => setTimeout(resolve, wait));
        }
    }
    return sendOnce(again());
}

/** Sends a request; where the session has ended it waits for somebody to sign in again, and is sent once more. */
export async function send(request: Request): Promise<Response> {
    if (request.method !== 'GET') request.headers.set(WRITE_KEY, randomKey());
    const again = (): Request => request.clone();
    const trySending = (): Promise<Response> => (request.method === 'GET' ? sendOnce(again()) : sendSurely(again));
    let response = await trySending();
    if (response.status === STALE_TOKEN) {
        await newToken();
        response = await trySending();
    }
    const isSigningIn = request.url.endsWith('/session') && request.method !== 'PATCH';
    const isForAnother = sessionGate.isForAnother(response.headers.get(PERSON));
    if (!(response.status === SIGNED_OUT || isForAnother) || isSigningIn || !(await sessionGate.pass())) return response;
    return trySending();
}
