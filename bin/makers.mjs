// Prints how the server does with many makers at once: node bin/makers.mjs URL. What it does while it is killed: bin/chaos.
import { manyMakers } from './lib/makers.mjs';

const [url = 'http://127.0.0.1:8420'] = process.argv.slice(2);
const ms = (time) => `${time.toFixed(0)} ms`;
const many = await manyMakers(url);
console.log(`\n${many.makers} makers who save every few seconds: ${many.saves} saves, ${many.broken + many.repeated} connections broken (aim: none)`);
const slower = (many.busy95 / many.idle95).toFixed(1);
console.log(`a save takes ${ms(many.busy50)}, the 95th of 100 ${ms(many.busy95)}: ${slower} times the idle one, ${ms(many.idle95)} (aim: at most 5)`);
