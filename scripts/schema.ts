import { writeFileSync } from 'node:fs'
import { feedJsonSchema, planJsonSchema, schemaText, workspaceJsonSchema } from '../core/formats'

/** `npm run schema`: publishes the JSON Schemas of the file formats, made from the schemas that read them. */
writeFileSync('docs/workspace.schema.json', schemaText(workspaceJsonSchema()))
writeFileSync('docs/plan.schema.json', schemaText(planJsonSchema()))
writeFileSync('docs/price-feed.schema.json', schemaText(feedJsonSchema()))
