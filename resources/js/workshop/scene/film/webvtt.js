/** Captions as WebVTT (W3C, "WebVTT: The Web Video Text Tracks Format"). */

/**
 * @param {string} text of a file
 * @returns {Promise<{lines: {at: number, until: number, text: string}[], isReadable: boolean}>}
 */
async function readCaptions(text) {
    const { default: vtt } = await import('vtt.js');
    /** @type {any[]} */
    const cues = [];
    let isReadable = true;
    const parser = new vtt.WebVTT.Parser({ VTTCue: Cue, VTTRegion: Region }, vtt.WebVTT.StringDecoder());
    parser.oncue = (cue) => cues.push(cue);
    parser.onparsingerror = () => {
        isReadable = cues.length > 0;
    };
    parser.parse(`${text.replace(/^\uFEFF/, '')}\n`);
    parser.flush();
    const lines = cues.map(({ startTime, endTime, text: words }) => ({
        at: round(startTime),
        until: round(endTime),
        text: plain(words),
    }));

    return { lines: lines.filter(({ text: words }) => words !== ''), isReadable };
}

/** What the library fills in for each cue: times, and what is said. */
class Cue {
    constructor(startTime, endTime, text) {
        Object.assign(this, { startTime, endTime, text });
    }
}

class Region {}

/** What is said, without marks of voices and looks; several lines in one. */
const plain = (words) =>
    words
        .replace(/<[^>]*>/g, '')
        .replace(/&lt;/g, '<')
        .replace(/&gt;/g, '>')
        .replace(/&nbsp;/g, ' ')
        .replace(/&amp;/g, '&')
        .replace(/\s+/g, ' ')
        .trim()
        .slice(0, 500);

const round = (seconds) => Math.round(seconds * 1000) / 1000;

function writeCaptions(lines) {
    const escaped = (words) => words.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;');
    const blocks = lines.map(({ at, until, text }) => `${stamp(at)} --> ${stamp(until)}\n${escaped(text)}\n`);

    return ['WEBVTT\n', ...blocks].join('\n');
}

function stamp(seconds) {
    const thousandths = Math.round(seconds * 1000);
    const part = (size, of) => String(Math.floor(thousandths / size) % of).padStart(2, '0');

    const rest = String(thousandths % 1000).padStart(3, '0');

    return `${part(3_600_000, 100)}:${part(60_000, 60)}:${part(1000, 60)}.${rest}`;
}

export { readCaptions, writeCaptions };
