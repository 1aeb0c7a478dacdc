// Runs while the page's own script is still on its way. The first number that a browser writes in the manner of a language takes
// it long, as it sets up all it knows of languages; by the time the page writes one, that is done.
new Intl.NumberFormat([...navigator.languages]).formatToParts(1.5);
