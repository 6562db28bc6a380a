import jsxA11y from "eslint-plugin-jsx-a11y";
import reactHooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";

export default tseslint.config(
  { ignores: ["dist", "src/api/schema.d.ts", "*.config.*"] },
  ...tseslint.configs.recommended,
  jsxA11y.flatConfigs.recommended,
  {
    plugins: { "react-hooks": reactHooks },
    rules: {
      ...reactHooks.configs.recommended.rules,
      // A measure field takes the focus when its measure is asked for: that is what the bench is for.
      "jsx-a11y/no-autofocus": "off",
      // On its way to 60: no function gets longer than the longest today.
      "max-lines-per-function": ["error", { max: 172 }],
    },
  },
);
