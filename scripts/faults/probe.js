/* eslint-disable no-undef -- runs as a worker of the page that is looked at */
/** Another reader of the household, which is never busy: says when a name is kept. */
onmessage = ({ data: { id, name, since } }) => {
  const opened = indexedDB.open('retort');
  opened.onsuccess = () => {
    const db = opened.result;
    const ask = () => {
      const get = db.transaction('batches').objectStore('batches').get(id);
      get.onsuccess = () => {
        if (get.result.name !== name) return ask();
        postMessage(performance.timeOrigin + performance.now() - since);
        db.close();
      };
    };
    ask();
  };
};
