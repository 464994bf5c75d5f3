import { onBeforeUnmount, onMounted, ref } from 'vue';

/** Keeps the screen on while the page is looked at, where the browser can. */
export function useScreenOn(): void {
    let held: WakeLockSentinel | null = null;
    let isLeft = false;
    async function hold(): Promise<void> {
        if (document.visibilityState !== 'visible') return;
        held = await navigator.wakeLock?.request('screen').catch(() => null);
        // Whoever has left the page meanwhile needs no light.
        if (isLeft) void held?.release();
    }
    onMounted(() => {
        void hold();
        document.addEventListener('visibilitychange', hold);
    });
    onBeforeUnmount(() => {
        isLeft = true;
        document.removeEventListener('visibilitychange', hold);
        void held?.release();
    });
}

/** Reads a text aloud where the browser speaks. */
export function useVoice() {
    const canSpeak = 'speechSynthesis' in window;
    const isSpeaking = ref(false);
    function speak(text: string): void {
        window.speechSynthesis.cancel();
        if (isSpeaking.value) {
            isSpeaking.value = false;
            return;
        }
        const said = new SpeechSynthesisUtterance(text);
        said.lang = 'en';
        said.rate = 0.95;
        said.onend = () => (isSpeaking.value = false);
        isSpeaking.value = true;
        window.speechSynthesis.speak(said);
    }
    onBeforeUnmount(() => canSpeak && window.speechSynthesis.cancel());
    return { canSpeak, isSpeaking, speak };
}

/** Longest side of a photo that is sent, pixels. */
const SIDE = 1600;

/** A photo made small enough to send from a table with little network: JPEG, base64. */
export async function smallPhoto(file: File): Promise<string> {
    const image = await createImageBitmap(file);
    const scale = Math.min(1, SIDE / Math.max(image.width, image.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.round(image.width * scale);
    canvas.height = Math.round(image.height * scale);
    canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
    return canvas.toDataURL('image/jpeg', 0.75).split(',')[1]!;
}
