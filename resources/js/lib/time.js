/** Minutes and seconds, with hours before them when there are any, as Fravel\Document\Showing has them. */
function clock(seconds) {
    const [hours, minutes] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60];
    const two = (number) => String(number).padStart(2, '0');

    return hours > 0 ? `${hours}:${two(minutes)}:${two(seconds % 60)}` : `${minutes}:${two(seconds % 60)}`;
}

export { clock };
