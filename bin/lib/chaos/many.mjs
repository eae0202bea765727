// Two hundred makers at once: no connection breaks, and nothing is to be sent again. node many.mjs URL short|long
import { manyMakers } from '../makers.mjs';

const [url, size] = process.argv.slice(2);
const { saves, broken, repeated, busy95 } = await manyMakers(url, { makers: 200, seconds: size === 'short' ? 6 : 60 });
console.log(`200 makers: ${saves} saves, the 95th of 100 ${Math.round(busy95)} ms; ${broken} connections broken, ${repeated} sent again`);
process.exit(broken === 0 && repeated === 0 && saves >= 200 ? 0 : 1);
