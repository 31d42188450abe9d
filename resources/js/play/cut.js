/** Up to these widths of a scene most of what is read, and great words too, stand below the stage. */
const NARROW = 686;
const PHONE = 370;

const WHOLE = '0 0 1600 900';

/** Shows of a stage what is left on it, when what can stands below it. */
function cutStage(frame) {
    const scene = frame.closest('.scene');
    const cut = () => {
        // With its fraction, as the style sheet measures it.
        const { width } = scene.getBoundingClientRect();
        const isWhole = width > NARROW || scene.classList.contains('as-list');
        const part = isWhole ? undefined : width <= PHONE ? frame.dataset.phoneCut : frame.dataset.cut;
        frame.querySelector('.stage').setAttribute('viewBox', part ?? WHOLE);
    };
    cut();
    new ResizeObserver(cut).observe(scene);
    scene.addEventListener('listed', cut);
}

export { cutStage };
