import { computed, onBeforeUnmount, onMounted, ref } from 'vue';
import { database, type TimerRow } from '../../store/database';

const SECOND = 1000;

/** A short tone, three times, and a buzz where the phone has one. */
function ring(): void {
    navigator.vibrate?.([300, 150, 300, 150, 300]);
    try {
        const audio = new AudioContext();
        for (const at of [0, 0.35, 0.7]) {
            const [tone, loud] = [audio.createOscillator(), audio.createGain()];
            tone.frequency.value = 880;
            loud.gain.setValueAtTime(0.25, audio.currentTime + at);
            loud.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + at + 0.25);
            tone.connect(loud).connect(audio.destination);
            tone.start(audio.currentTime + at);
            tone.stop(audio.currentTime + at + 0.25);
        }
        setTimeout(() => void audio.close(), 2000);
    } catch {
        // No sound here: the page still shows that it is time.
    }
}

/**
 * Timers for what must hold. Each is kept as the moment at which it ends, so that it counts on while the screen sleeps or the page
 * is closed, and rings as soon as anybody looks again.
 */
export function useTimers(unit: number) {
    const rows = ref<TimerRow[]>([]);
    const now = ref(Date.now());

    const timers = computed(() => rows.value.map((row) => ({ ...row, left: Math.max(0, Math.ceil((row.ends - now.value) / SECOND)) })));

    async function start(step: string, name: string, minutes: number): Promise<void> {
        now.value = Date.now();
        const row = { key: `${unit} ${step}`, unit, step, name, ends: now.value + minutes * 60 * SECOND, rung: false };
        rows.value = [...rows.value.filter(({ key }) => key !== row.key), row];
        await database.timers.put(row);
    }
    async function stop(key: string): Promise<void> {
        rows.value = rows.value.filter((row) => row.key !== key);
        await database.timers.delete(key);
    }

    function tick(): void {
        now.value = Date.now();
        for (const row of rows.value) {
            if (!row.rung && row.ends <= now.value) {
                row.rung = true;
                void database.timers.put({ ...row });
                ring();
            }
        }
    }
    let clock = 0;
    onMounted(async () => {
        const kept = await database.timers.where('unit').equals(unit).toArray();
        // What was begun while this was read is the newer.
        rows.value = [...kept.filter(({ key }) => !rows.value.some((row) => row.key === key)), ...rows.value];
        clock = window.setInterval(tick, SECOND);
        document.addEventListener('visibilitychange', tick);
    });
    onBeforeUnmount(() => {
        window.clearInterval(clock);
        document.removeEventListener('visibilitychange', tick);
    });

    return { timers, start, stop };
}

/** `4:05`. */
export const clockTold = (seconds: number): string => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
