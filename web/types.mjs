// Writes the types of the web application from the server's OpenAPI document. A map whose keys are words of a list is
// typed by that list, any of them missing; a plain generator would take any string for a key.
import { readFileSync, writeFileSync } from "node:fs";
import openapiTS, { astToString } from "openapi-typescript";
import ts from "typescript";

const { factory } = ts;
const words = (text) => factory.createLiteralTypeNode(factory.createStringLiteral(text));

/** The type of a map's values, where it is one of those the document has. */
function valueType(schema) {
  if (schema === undefined || schema === true) return undefined;
  if (schema.$ref) {
    const name = schema.$ref.split("/").at(-1);
    const schemas = factory.createIndexedAccessTypeNode(
      factory.createTypeReferenceNode("components"),
      words("schemas"),
    );
    return factory.createIndexedAccessTypeNode(schemas, words(name));
  }
  if (schema.type === "number" || schema.type === "integer")
    return factory.createKeywordTypeNode(ts.SyntaxKind.NumberKeyword);
  return undefined;
}

const document = JSON.parse(readFileSync(new URL("./openapi.json", import.meta.url), "utf8"));
const ast = await openapiTS(document, {
  transform(schema) {
    const keys = schema.propertyNames?.enum;
    const value = keys && valueType(schema.additionalProperties);
    if (!value) return undefined;
    const record = factory.createTypeReferenceNode("Record", [
      factory.createUnionTypeNode(keys.map(words)),
      value,
    ]);
    return factory.createTypeReferenceNode("Partial", [record]);
  },
});
const head = "/**\n * Written from openapi.json by types.mjs; `make types` writes it anew.\n */\n\n";
writeFileSync(new URL("./src/api/schema.d.ts", import.meta.url), head + astToString(ast));
