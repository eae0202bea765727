// Writes the front end's types from the contract. `$defs` are left out: what they define stands among the components.
import { mkdir, writeFile } from 'node:fs/promises';
import openapiTS, { astToString } from 'openapi-typescript';

const ast = await openapiTS(new URL('../contract/openapi.yaml', import.meta.url), {
	transform(schema) {
		delete schema.$defs;
		return undefined;
	},
});
const file = new URL('./src/api/generated/contract.ts', import.meta.url);
await mkdir(new URL('./', file), { recursive: true });
await writeFile(file, astToString(ast));
