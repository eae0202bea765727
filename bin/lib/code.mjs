// Prints an address as a code to scan: node bin/lib/code.mjs ADDRESS
import code from 'qrcode';

process.stdout.write(`${await code.toString(process.argv[2], { type: 'terminal', small: true })}\n`);
