/**
 * Short sounds of our own, made here: like a glass bell in a lamp room. Each is a list of notes: when it begins in
 * seconds, its pitch in hertz, how long it rings in seconds, and how loud it is, from 0 to 1.
 */
const TONES = {
    open: [
        [0, 523.25, 0.5, 0.16],
        [0.09, 783.99, 0.7, 0.16],
    ],
    turn: [[0, 392, 0.18, 0.1]],
    scene: [
        [0, 261.63, 0.7, 0.09],
        [0.05, 392, 0.8, 0.07],
    ],
    won: [
        [0, 392, 0.6, 0.13],
        [0.14, 523.25, 0.7, 0.13],
        [0.28, 659.25, 0.8, 0.13],
        [0.42, 1046.5, 1.2, 0.1],
    ],
};

/** @type {AudioContext | null} */
let room = null;

/** Sounds one of them; where the browser makes no sounds, nothing happens. */
function tone(name) {
    try {
        room ??= new AudioContext();
        room.resume();
        for (const note of TONES[name]) ring(room, note);
    } catch {
        // Nobody is to miss a step for want of a sound.
    }
}

function ring(here, [at, pitch, rings, loud]) {
    const begins = here.currentTime + at;
    const fades = here.createGain();
    fades.gain.setValueAtTime(0, begins);
    fades.gain.linearRampToValueAtTime(loud, begins + 0.012);
    fades.gain.exponentialRampToValueAtTime(0.0001, begins + rings);
    fades.connect(here.destination);
    // The second partial of a bell stands a little above the octave.
    for (const [above, share] of [
        [1, 1],
        [2.76, 0.22],
    ]) {
        const [swings, part] = [here.createOscillator(), here.createGain()];
        swings.frequency.value = pitch * above;
        part.gain.value = share;
        swings.connect(part).connect(fades);
        swings.start(begins);
        swings.stop(begins + rings);
    }
}

export { tone };
