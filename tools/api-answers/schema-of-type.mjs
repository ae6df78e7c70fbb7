import ts from 'typescript';

/**
 * Turns types into JSON Schema. What has a name becomes a definition of that name, so that what names itself ends.
 * @param {ts.TypeChecker} checker
 */
export function schemaWriter(checker) {
  /** @type {Record<string, object>} */
  const definitions = {};
  /** @type {Map<ts.Type, string>} */
  const named = new Map();

  /** @param {ts.Type} type @returns {object} */
  const schemaOf = (type) => {
    const known = named.get(type);
    if (known) return { $ref: `#/components/schemas/${known}` };
    const name = nameOf(type);
    if (!name) return plainSchema(type);
    const unique = name in definitions ? `${name}${Object.keys(definitions).length}` : name;
    named.set(type, unique);
    definitions[unique] = {};
    definitions[unique] = plainSchema(type);
    return { $ref: `#/components/schemas/${unique}` };
  };

  /** @param {ts.Type} type @returns {object} */
  const plainSchema = (type) => {
    if (type.isUnion()) return unionSchema(type);
    if (type.isStringLiteral() || type.isNumberLiteral()) return { const: type.value };
    if (type.flags & ts.TypeFlags.BooleanLiteral) return { const: checker.typeToString(type) === 'true' };
    if (type.flags & ts.TypeFlags.StringLike) return { type: 'string' };
    if (type.flags & ts.TypeFlags.NumberLike) return { type: 'number' };
    if (type.flags & ts.TypeFlags.BooleanLike) return { type: 'boolean' };
    if (type.flags & ts.TypeFlags.Null) return { type: 'null' };
    if (checker.isTupleType(type)) {
      const items = checker.getTypeArguments(/** @type {ts.TypeReference} */ (type)).map(schemaOf);
      return { type: 'array', prefixItems: items, minItems: items.length, maxItems: items.length };
    }
    if (checker.isArrayType(type)) {
      const [item] = checker.getTypeArguments(/** @type {ts.TypeReference} */ (type));
      return { type: 'array', items: item ? schemaOf(item) : {} };
    }
    if (type.flags & (ts.TypeFlags.Object | ts.TypeFlags.Intersection)) return objectSchema(type);
    // Unknown: anything JSON can be.
    return {};
  };

  /** @param {ts.UnionType} type */
  const unionSchema = ({ types }) => {
    const real = types.filter(({ flags }) => !(flags & ts.TypeFlags.Undefined));
    const values = real.map((one) => /** @type {{ const?: unknown }} */ (plainLiteral(one)));
    if (values.every((one) => one !== undefined)) return { enum: values.map((one) => one.const) };
    const rest = real.filter(({ flags }) => !(flags & ts.TypeFlags.BooleanLiteral));
    const parts = rest.map(schemaOf);
    if (rest.length < real.length) parts.push({ type: 'boolean' });
    return parts.length === 1 ? /** @type {object} */ (parts[0]) : { anyOf: parts };
  };

  /** @param {ts.Type} type */
  const plainLiteral = (type) =>
    type.isStringLiteral() || type.isNumberLiteral() || type.flags & ts.TypeFlags.BooleanLiteral
      ? plainSchema(type)
      : undefined;

  /** @param {ts.Type} type */
  const objectSchema = (type) => {
    const index = checker.getIndexInfoOfType(type, ts.IndexKind.String);
    const properties = checker.getPropertiesOfType(type);
    const schemas = properties.map((property) => [
      property.name,
      schemaOf(checker.getTypeOfSymbol(property)),
    ]);
    const required = properties
      .filter(({ flags }) => !(flags & ts.SymbolFlags.Optional))
      .map(({ name }) => name);
    return {
      type: 'object',
      ...(schemas.length > 0 && { properties: Object.fromEntries(schemas) }),
      ...(required.length > 0 && { required }),
      ...(index && { additionalProperties: schemaOf(index.type) }),
    };
  };

  return { schemaOf, definitions };
}

/** The name a type was given where it was written down. @param {ts.Type} type */
function nameOf(type) {
  if (!(type.flags & (ts.TypeFlags.Object | ts.TypeFlags.Union | ts.TypeFlags.Intersection)))
    return undefined;
  const symbol = type.aliasSymbol ?? type.symbol;
  const declared = symbol?.declarations?.[0];
  if (!declared || !(ts.isInterfaceDeclaration(declared) || ts.isTypeAliasDeclaration(declared)))
    return undefined;
  const isOurs = /\/packages\/(core|contracts)\//.test(declared.getSourceFile().fileName);
  const isGeneric =
    (type.aliasTypeArguments?.length ?? 0) > 0 ||
    /** @type {ts.TypeReference} */ (type).typeArguments?.length;
  return isOurs && !isGeneric ? symbol.name : undefined;
}
