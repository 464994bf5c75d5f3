/**
 * The phone as a level meter: its microphone, weighted as the ear hears. The weighting is applied to the spectrum, by the design
 * curve of IEC 61672-1; a phone is good to a few dB, and only after it has been compared with a meter.
 */
const POLES = [20.598997, 107.65265, 737.86223, 12194.217] as const;

/** Gain of the weighting at a frequency, Hz; 1 at 1000 Hz. */
export function gainAt(frequency: number): number {
    const response = (hertz: number): number => {
        const squared = hertz ** 2;
        const [a, b, c, d] = POLES.map((pole) => pole ** 2) as [number, number, number, number];
        return (d * squared ** 2) / ((squared + a) * Math.sqrt((squared + b) * (squared + c)) * (squared + d));
    };
    return frequency <= 0 ? 0 : response(frequency) / response(1000);
}

/**
 * Weighted level of some samples, dB below a full sine, by a discrete Fourier transform.
 *
 * @param samples -1 to 1; their number is a power of two
 */
export function levelOf(samples: Float32Array, sampleRate: number): number {
    const count = samples.length;
    const real = Float64Array.from(samples, (value, index) => value * hann(index, count));
    const imaginary = new Float64Array(count);
    transform(real, imaginary);
    let energy = 0;
    for (let bin = 1; bin < count / 2; bin++) {
        const gain = gainAt((bin * sampleRate) / count);
        energy += (real[bin]! ** 2 + imaginary[bin]! ** 2) * gain ** 2;
    }
    // Of a full sine half the square is left, and of Hann's window three eighths; each half of the spectrum holds half of it.
    const full = (count ** 2 / 4) * (3 / 8);
    return energy > 0 ? 10 * Math.log10(energy / full) : -120;
}

const hann = (index: number, count: number): number => 0.5 - 0.5 * Math.cos((2 * Math.PI * index) / count);

/** Fast Fourier transform in place (Cooley and Tukey). */
function transform(real: Float64Array, imaginary: Float64Array): void {
    const count = real.length;
    for (let i = 1, j = 0; i < count; i++) {
        let bit = count >> 1;
        for (; j & bit; bit >>= 1) j ^= bit;
        j ^= bit;
        if (i < j) {
            [real[i], real[j]] = [real[j]!, real[i]!];
            [imaginary[i], imaginary[j]] = [imaginary[j]!, imaginary[i]!];
        }
    }
    for (let size = 2; size <= count; size <<= 1) {
        const angle = (-2 * Math.PI) / size;
        for (let start = 0; start < count; start += size) {
            for (let k = 0; k < size / 2; k++) {
                const [cos, sin] = [Math.cos(angle * k), Math.sin(angle * k)];
                const [a, b] = [start + k, start + k + size / 2];
                const r = real[b]! * cos - imaginary[b]! * sin;
                const i = real[b]! * sin + imaginary[b]! * cos;
                real[b] = real[a]! - r;
                imaginary[b] = imaginary[a]! - i;
                real[a]! += r;
                imaginary[a]! += i;
            }
        }
    }
}
