/** What others ask meanwhile is answered between one sum and the next. */
export const breath = (): Promise<void> => new Promise((done) => setImmediate(done));
