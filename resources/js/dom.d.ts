/**
 * A node that the project finds by a selector or an id of its own: it knows which it is, so it may be spoken to as a field,
 * a form or a dialog without more ado.
 */
interface Found extends HTMLElement {
    value: string;
    checked: boolean;
    href: string;
    elements: HTMLFormControlsCollection & Record<string, HTMLInputElement | undefined>;
    select(): void;
    submit(): void;
    requestSubmit(): void;
    close(): void;
    showModal(): void;
    cloneNode(deep?: boolean): Found;
}

interface ParentNode {
    querySelector(selectors: string): Found | null;
    querySelectorAll(selectors: string): NodeListOf<Found>;
}

interface NonElementParentNode {
    getElementById(id: string): Found | null;
}

interface Element {
    closest(selectors: string): Found | null;
}

/** What a script asks for by an address that the build makes. */
declare module '*?url' {
    const address: string;
    export default address;
}

declare module '*.css';
