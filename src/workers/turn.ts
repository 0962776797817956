/** The turn after this one: what has just changed is drawn by then. */
export function nextTurn(): Promise<void> {
  return new Promise((done) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      done();
    };
    port2.postMessage(null);
  });
}
