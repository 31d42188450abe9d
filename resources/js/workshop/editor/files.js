/** Where the file of an asset lies; null when the game has none by that id. */
function fileOf(game, id) {
    const file = game.assets?.find((asset) => asset.id === id)?.file;

    return file ? `/files/${file.split('/').pop()}` : null;
}

/** Where the film or sound of an asset is fetched; null when the game has none by that id. */
function clipOf(editor, id) {
    const file = fileOf(editor.store.game, id);

    return file ? `${editor.address}/clips/${file.split('/').pop()}` : null;
}

export { clipOf, fileOf };
