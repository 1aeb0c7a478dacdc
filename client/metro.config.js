const http = require('node:http');
const { getDefaultConfig } = require('expo/metro-config');
const { withNativeWind } = require('nativewind/metro');

const { partFor } = require('./bundle/parts.cjs');

const config = getDefaultConfig(__dirname);

// `bundle/parts.cjs` tells what stands in for what. class-validator is taken by its name: its ES files fail at run time.
config.resolver.resolveRequest = (context, name, platform) => {
  if (name === 'class-validator') return { type: 'sourceFile', filePath: partFor(require.resolve(name)) };
  const found = context.resolveRequest(context, name, platform);
  return found.type === 'sourceFile' ? { ...found, filePath: partFor(found.filePath) } : found;
};

// With reload, the page comes from Metro and /api from our server. The origin differs only here, so it is left out.
config.server.enhanceMiddleware = (metro) => (request, response, next) => {
  if (!request.url.startsWith('/api')) return metro(request, response, next);
  const { origin: _origin, host: _host, ...headers } = request.headers;
  const onward = http.request(
    { host: '127.0.0.1', port: 4620, path: request.url, method: request.method, headers },
    (answer) => {
      response.writeHead(answer.statusCode, answer.headers);
      answer.pipe(response);
    },
  );
  onward.on('error', () => response.writeHead(503).end());
  request.pipe(onward);
};

module.exports = withNativeWind(config, { input: './global.css' });
