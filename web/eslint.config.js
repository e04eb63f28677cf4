import js from "@eslint/js";
import reactHooks from "eslint-plugin-react-hooks";
import { defineConfig } from "eslint/config";
import ts from "typescript-eslint";

export default defineConfig(
    // One is built, the other written from the server's document.
    { ignores: ["dist", "src/api/schema.d.ts"] },
    js.configs.recommended,
    ts.configs.strict,
    reactHooks.configs.flat["recommended-latest"],
    {
        files: ["src/**"],
        languageOptions: { parserOptions: { projectService: true } },
        rules: {
            // A promise nobody waits for takes its refusal with it.
            "@typescript-eslint/no-floating-promises": "error",
            // A rest without a key names that key to leave it out.
            "@typescript-eslint/no-unused-vars": ["error", { ignoreRestSiblings: true }],
        },
    },
);
