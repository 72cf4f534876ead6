/**
 * Installing fetches over a network that may drop a connection halfway; npm tries a request again, but not a body that
 * breaks off. What is broken stays broken and fails after the last try.
 */
const TRIES = 3;
const WAIT_MS = 5000;

function pause(ms) {
  Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, ms);
}

/**
 * @param {() => boolean} attempt does the work; true where it succeeded
 * @param {string} name what is tried, for the line that says so
 * @param {number} [waitMs] between two tries
 * @returns {boolean} whether one of three tries succeeded
 */
export function withFurtherTries(attempt, name, waitMs = WAIT_MS) {
  for (let n = 1; n <= TRIES; n++) {
    if (attempt()) return true;
    if (n < TRIES) {
      console.error(`${name} failed; tried again in ${waitMs / 1000} s (${n} of ${TRIES})`);
      pause(waitMs);
    }
  }
  return false;
}
