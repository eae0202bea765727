/** A name within a sentence, whichever way it is written: it does not turn the words around it. */
export const isolated = (name: string) => `\u2068${name}\u2069`;
