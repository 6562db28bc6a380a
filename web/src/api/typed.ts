/**
 * What a document is while somebody types: every field is there, a length or number is the text it is typed as, and a word is one of
 * its words or, while nothing is chosen, empty.
 */
export type Typed<Document> = { [field in keyof Document]-?: TypedField<NonNullable<Document[field]>> };

type TypedField<Value> = [number | string] extends [Value]
  ? string
  : Value extends string
    ? Value
    : Value extends (infer Row)[]
      ? TypedField<NonNullable<Row>>[]
      : Value extends object
        ? Typed<Value>
        : Value;
