// Writes the front end's types from the contract. `$defs` are left out: what they define stands among the components.
import { createHash } from 'node:crypto';
import { mkdir, readFile, writeFile } from 'node:fs/promises';
import openapiTS, { astToString } from 'openapi-typescript';

const ast = await openapiTS(new URL('../contract/openapi.yaml', import.meta.url), {
	transform(schema) {
		delete schema.$defs;
		return undefined;
	},
});
const file = new URL('./src/api/generated/contract.ts', import.meta.url);
await mkdir(new URL('./', file), { recursive: true });
const written = astToString(ast);
await writeFile(file, written);

// What a page kept by another contract is not understood by this one.
const print = createHash('sha256').update(written).digest('hex').slice(0, 12);
await writeFile(
	new URL('./src/api/generated/print.ts', import.meta.url),
	`/** Of contract/openapi.yaml: another one has another. */\nexport const print = '${print}';\n`,
);

// The limits that fields and editors keep to, from the same place.
const plan = JSON.parse(await readFile(new URL('../contract/plan.schema.json', import.meta.url), 'utf8'));
const { Piece, Yarn, Placement } = plan.$defs;
const layers = Object.fromEntries(plan.$defs.Layer.oneOf.map((layer) => [layer.properties.kind.const, layer.properties]));
const limits = {
	rounds: layers.run.round.maximum,
	stitchesInRound: layers.run.from.maximum,
	motif: layers.motif.rows.maxItems,
	layers: Piece.properties.colours.writtenMaxItems,
	lines: Piece.properties.rounds.maxItems,
	line: Piece.properties.rounds.items.maxLength,
	name: plan.properties.title.maxLength,
	yarns: plan.properties.yarns.maxItems,
	pieces: plan.properties.pieces.maxItems,
	copies: Piece.properties.copies.oneOf.find(({ type }) => type === 'integer').maximum,
	floatStitches: plan.properties.floatStitches.maximum,
	placements: Piece.properties.placements.maxItems,
	apart: { least: Placement.oneOf[0].properties.apart.minimum, most: Placement.oneOf[0].properties.apart.maximum },
	metresPer100g: Yarn.properties.metresPer100g.maximum,
	grams: Yarn.properties.onHandGrams.maximum,
};
for (const [name, limit] of Object.entries(limits)) if (limit === undefined) throw new Error(`The plan's schema has no limit for ${name}.`);
await writeFile(
	new URL('./src/api/generated/limits.ts', import.meta.url),
	`/** From contract/plan.schema.json. */\nexport const limits = ${JSON.stringify(limits, null, '\t')} as const;\n`,
);
