/** One line of progress. */
export function say(text) {
  process.stdout.write(`cricket: ${text}\n`);
}

/** Ends with what the person can do. */
export function giveUp(text) {
  process.stderr.write(`cricket: ${text}\n`);
  process.exit(1);
}
