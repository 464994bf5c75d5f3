import { onBeforeUnmount, ref } from 'vue';
import { levelOf } from './aWeighting';

const SAMPLES = 16384;
const EVERY = 250;
/** Readings that one is averaged from: five seconds. */
const AVERAGED = 20;
/** Where a comparison with a meter is kept, in this browser: dB to add. */
const KEPT = 'jornel.phone-meter';
/** Of a phone that was never compared: what a full sine is about (assumed). */
const USUAL = 100;

/** The level at the microphone, averaged by energy over some seconds. */
export function usePhoneMeter() {
    const level = ref<number | null>(null);
    const isOn = ref(false);
    const fault = ref('');
    const kept = localStorage.getItem(KEPT);
    const offset = ref(kept === null ? USUAL : Number(kept));
    const isCompared = ref(kept !== null);
    let stream: MediaStream | null = null;
    let context: AudioContext | null = null;
    let timer = 0;
    /** Counts what was started and stopped: a microphone that is allowed later than that is not listened to. */
    let run = 0;

    async function start(): Promise<void> {
        stop();
        fault.value = '';
        const own = run;
        let allowed: MediaStream;
        try {
            // Whatever a phone does to a voice would spoil a level.
            allowed = await navigator.mediaDevices.getUserMedia({
                audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
            });
        } catch {
            if (own === run)
                fault.value = 'The microphone cannot be used here. Allow it, and open Jornel by its secure address (up --lan).';
            return;
        }
        if (own !== run) {
            allowed.getTracks().forEach((track) => track.stop());
            return;
        }
        stream = allowed;
        context = new AudioContext();
        const analyser = context.createAnalyser();
        analyser.fftSize = SAMPLES;
        context.createMediaStreamSource(stream).connect(analyser);
        const samples = new Float32Array(SAMPLES);
        const energies: number[] = [];
        isOn.value = true;
        timer = window.setInterval(() => {
            analyser.getFloatTimeDomainData(samples);
            energies.push(10 ** (levelOf(samples, context!.sampleRate) / 10));
            if (energies.length > AVERAGED) energies.shift();
            level.value = 10 * Math.log10(energies.reduce((sum, one) => sum + one, 0) / energies.length) + offset.value;
        }, EVERY);
    }
    function stop(): void {
        run += 1;
        clearInterval(timer);
        stream?.getTracks().forEach((track) => track.stop());
        void context?.close();
        [stream, context, isOn.value, level.value] = [null, null, false, null];
    }
    /** Beside a meter that reads so many dBA now. */
    function compare(meter: number): void {
        if (level.value === null) return;
        offset.value += meter - level.value;
        localStorage.setItem(KEPT, String(offset.value));
        isCompared.value = true;
    }
    onBeforeUnmount(stop);
    return { level, isOn, fault, isCompared, start, stop, compare };
}
