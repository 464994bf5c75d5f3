import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type Meter } from '../../frontend/src/api/client';
import { useScreenOn, useVoice } from '../../frontend/src/features/guide/useAtTheTable';
import { useLive } from '../../frontend/src/features/proof/meters';
import { usePhoneMeter } from '../../frontend/src/features/proof/usePhoneMeter';
import { within } from './mounted';

const meter = (id: number): Meter => ({ id, name: `Meter ${id}` }) as unknown as Meter;
/** Lets go on what waits for answers, without any time passing. */
const settled = () => vi.advanceTimersByTimeAsync(0);

beforeEach(() => void vi.useFakeTimers());
afterEach(() => {
    vi.restoreAllMocks();
    vi.unstubAllGlobals();
    vi.useRealTimers();
    localStorage.clear();
});

describe('a live meter', () => {
    const telling = (row: { log: number; at_ms: number; value: number }) => ({ data: row, response: new Response() }) as never;
    const silent = () => ({ error: { message: 'It tells nothing.', errors: {} }, response: new Response(null, { status: 422 }) }) as never;
    const asked = (spy: { mock: { calls: unknown[][] } }) =>
        spy.mock.calls.map(([, sent]) => {
            const { params, body } = sent as { params: { path: { meter: number } }; body: { log?: number } };
            return [params.path.meter, body.log ?? null];
        });

    it('is asked every second, and all it tells goes into the log that the first reading began', async () => {
        let tick = 0;
        const post = vi
            .spyOn(api, 'POST')
            .mockImplementation((async () => telling({ log: 31, at_ms: 1000 * tick, value: 400 + tick++ })) as never);
        const { made, app } = within(() => useLive());
        made.start(meter(4));
        await settled();
        await vi.advanceTimersByTimeAsync(2000);
        expect(asked(post)).toEqual([
            [4, null],
            [4, 31],
            [4, 31],
        ]);
        expect(made.points.value).toEqual([
            [0, 400],
            [1 / 60, 401],
            [2 / 60, 402],
        ]);
        expect([made.isOn.value, made.stop(), made.isOn.value]).toEqual([true, 31, false]);
        await vi.advanceTimersByTimeAsync(5000);
        expect(post).toHaveBeenCalledTimes(3);
        app.unmount();
    });

    it('is asked again where it tells nothing, and how often that was is told', async () => {
        const post = vi.spyOn(api, 'POST').mockResolvedValue(silent());
        const { made, app } = within(() => useLive());
        made.start(meter(4));
        await settled();
        await vi.advanceTimersByTimeAsync(2000);
        expect([post.mock.calls.length, made.missed.value, made.fault.value]).toEqual([3, 3, 'It tells nothing.']);
        post.mockResolvedValue(telling({ log: 8, at_ms: 0, value: 9 }));
        await vi.advanceTimersByTimeAsync(1000);
        expect([made.missed.value, made.points.value]).toEqual([3, [[0, 9]]]);
        app.unmount();
    });

    it('that answers slowly is not asked twice at once, and not sooner than it has answered', async () => {
        const post = vi
            .spyOn(api, 'POST')
            .mockImplementation(
                (() => new Promise((done) => setTimeout(() => done(telling({ log: 1, at_ms: 0, value: 1 })), 2500))) as never,
            );
        const { made, app } = within(() => useLive());
        made.start(meter(4));
        await vi.advanceTimersByTimeAsync(2400);
        expect(post).toHaveBeenCalledTimes(1);
        await vi.advanceTimersByTimeAsync(200);
        expect(post).toHaveBeenCalledTimes(2);
        app.unmount();
    });

    it('gives way to another whole: what the first tells late is neither drawn nor logged with the other', async () => {
        const answers: ((row: never) => void)[] = [];
        const post = vi.spyOn(api, 'POST').mockImplementation((() => new Promise((done) => answers.push(done))) as never);
        const { made, app } = within(() => useLive());
        made.start(meter(4));
        await settled();
        made.stop();
        made.start(meter(5));
        await settled();
        answers[0]!(telling({ log: 31, at_ms: 0, value: 999 }));
        await settled();
        expect([made.log.value, made.points.value]).toEqual([null, []]);
        answers[1]!(telling({ log: 32, at_ms: 0, value: 410 }));
        await settled();
        await vi.advanceTimersByTimeAsync(1000);
        expect(asked(post)).toEqual([
            [4, null],
            [5, null],
            [5, 32],
        ]);
        expect(made.points.value).toEqual([[0, 410]]);
        app.unmount();
    });

    it('is not asked any more by a page that was left', async () => {
        const post = vi.spyOn(api, 'POST').mockResolvedValue(telling({ log: 1, at_ms: 0, value: 1 }));
        const { made, app } = within(() => useLive());
        made.start(meter(4));
        await settled();
        app.unmount();
        await vi.advanceTimersByTimeAsync(5000);
        expect(post).toHaveBeenCalledTimes(1);
    });
});

describe('the phone as a level meter', () => {
    const RATE = 48000;
    /** A tone of 1 kHz, which the weighting leaves as it is, of so much of a full sine. */
    let loudness = 1;
    const track = { stop: vi.fn() };
    const close = vi.fn();
    let allow: (ask: unknown) => Promise<{ getTracks(): (typeof track)[] }>;
    const stream = { getTracks: () => [track] };

    class Context {
        sampleRate = RATE;
        createAnalyser = () => ({
            fftSize: 0,
            getFloatTimeDomainData: (samples: Float32Array) => {
                for (let i = 0; i < samples.length; i++) samples[i] = loudness * Math.sin((2 * Math.PI * 1000 * i) / RATE);
            },
        });
        createMediaStreamSource = () => ({ connect: () => undefined });
        close = close;
    }

    beforeEach(() => {
        loudness = 1;
        allow = vi.fn(async () => stream);
        vi.stubGlobal('AudioContext', Context);
        vi.stubGlobal(
            'navigator',
            Object.assign(Object.create(navigator), { mediaDevices: { getUserMedia: (ask: unknown) => allow(ask) } }),
        );
        track.stop.mockClear();
        close.mockClear();
    });

    it('reads a level, tells that it was never compared, and listens to what is there, not to what a phone makes of a voice', async () => {
        const { made, app } = within(() => usePhoneMeter());
        await made.start();
        expect(allow).toHaveBeenCalledWith({ audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false } });
        await vi.advanceTimersByTimeAsync(300);
        expect(made.isOn.value).toBe(true);
        expect(made.level.value).toBeCloseTo(100, 0);
        expect(made.isCompared.value).toBe(false);
        made.stop();
        expect([made.isOn.value, made.level.value, track.stop.mock.calls.length, close.mock.calls.length]).toEqual([false, null, 1, 1]);
        app.unmount();
    });

    it('averages energies over some seconds: half of the time 20 dB less is 3 dB less', async () => {
        const { made, app } = within(() => usePhoneMeter());
        await made.start();
        await vi.advanceTimersByTimeAsync(2500);
        const loud = made.level.value!;
        loudness = 0.1;
        await vi.advanceTimersByTimeAsync(2500);
        expect(loud - made.level.value!).toBeCloseTo(10 * Math.log10(2 / 1.01), 1);
        await vi.advanceTimersByTimeAsync(5000);
        expect(loud - made.level.value!).toBeCloseTo(20, 3);
        app.unmount();
    });

    it('reads as a meter did beside it, from then on and over a reload', async () => {
        const first = within(() => usePhoneMeter());
        first.made.compare(55);
        expect(first.made.isCompared.value).toBe(false);
        await first.made.start();
        await vi.advanceTimersByTimeAsync(300);
        first.made.compare(62);
        await vi.advanceTimersByTimeAsync(300);
        expect(first.made.level.value).toBeCloseTo(62, 6);
        first.app.unmount();

        const again = within(() => usePhoneMeter());
        expect(again.made.isCompared.value).toBe(true);
        await again.made.start();
        await vi.advanceTimersByTimeAsync(300);
        expect(again.made.level.value).toBeCloseTo(62, 6);
        again.app.unmount();
    });

    it('says what to do where the microphone is not allowed, and forgets that once it is', async () => {
        const { made, app } = within(() => usePhoneMeter());
        allow = () => Promise.reject(new DOMException('No', 'NotAllowedError'));
        await made.start();
        expect(made.fault.value).toContain('Allow it');
        expect(made.isOn.value).toBe(false);
        allow = async () => stream;
        await made.start();
        expect([made.fault.value, made.isOn.value]).toEqual(['', true]);
        app.unmount();
    });

    it('does not listen where it was allowed only after the page was left', async () => {
        let say!: (allowed: typeof stream) => void;
        allow = () => new Promise((done) => (say = done));
        const { made, app } = within(() => usePhoneMeter());
        const starting = made.start();
        app.unmount();
        say(stream);
        await starting;
        expect(track.stop).toHaveBeenCalledTimes(1);
        expect(made.isOn.value).toBe(false);
    });

    it('listens once, however often it is begun', async () => {
        const { made, app } = within(() => usePhoneMeter());
        await made.start();
        await made.start();
        expect([track.stop.mock.calls.length, made.isOn.value]).toEqual([1, true]);
        made.stop();
        expect(track.stop).toHaveBeenCalledTimes(2);
        app.unmount();
    });
});

describe('at the table', () => {
    it('the screen stays on while the page is looked at, and is let go by whoever leaves, even before it was granted', async () => {
        const release = vi.fn();
        const grants: ((lock: { release: typeof release }) => void)[] = [];
        vi.stubGlobal(
            'navigator',
            Object.assign(Object.create(navigator), { wakeLock: { request: () => new Promise((done) => grants.push(done)) } }),
        );
        const first = within(() => useScreenOn());
        grants[0]!({ release });
        await settled();
        // The browser takes the lock where another page is shown, and it is asked for again.
        document.dispatchEvent(new Event('visibilitychange'));
        expect(grants).toHaveLength(2);
        grants[1]!({ release });
        await settled();
        first.app.unmount();
        expect(release).toHaveBeenCalledTimes(1);

        const second = within(() => useScreenOn());
        second.app.unmount();
        grants[2]!({ release });
        await settled();
        expect(release).toHaveBeenCalledTimes(2);
        document.dispatchEvent(new Event('visibilitychange'));
        expect(grants).toHaveLength(3);
    });

    it('a step is read aloud, and the same button stops it', () => {
        const [speak, cancel] = [vi.fn(), vi.fn()];
        class Said {
            onend?: () => void;
            constructor(readonly text: string) {}
        }
        vi.stubGlobal('SpeechSynthesisUtterance', Said);
        vi.stubGlobal('speechSynthesis', { speak, cancel });

        const { made, app } = within(() => useVoice());
        expect(made.canSpeak).toBe(true);
        made.speak('Tape the seam.');
        expect(speak.mock.calls[0]![0]).toMatchObject({ text: 'Tape the seam.', lang: 'en' });
        expect(made.isSpeaking.value).toBe(true);
        made.speak('Tape the seam.');
        expect([made.isSpeaking.value, speak.mock.calls.length]).toEqual([false, 1]);
        made.speak('Set the fan down.');
        (speak.mock.calls[1]![0] as Said).onend!();
        expect(made.isSpeaking.value).toBe(false);
        app.unmount();
        expect(cancel).toHaveBeenCalledTimes(4);
    });
});
