/** Where the file of an asset lies; null when the game has none by that id. */
function fileOf(game, id) {
    const file = game.assets?.find((asset) => asset.id === id)?.file;

    return file ? `/files/${file.split('/').pop()}` : null;
}

export { fileOf };
