require('./in-parts.cjs').together('apps/server', __filename);
