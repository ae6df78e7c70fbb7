require('./in-parts.cjs').together('apps/web', __filename);
