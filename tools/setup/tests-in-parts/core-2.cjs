require('./in-parts.cjs').together('packages/core', __filename);
