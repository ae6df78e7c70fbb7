require('./in-parts.cjs').together('packages/core', 4, 4);
