const http = require('node:http');
const { getDefaultConfig } = require('expo/metro-config');
const { withNativeWind } = require('nativewind/metro');

const config = getDefaultConfig(__dirname);

// Of class-validator only what the contracts use, from its CommonJS files: the ES ones fail at run time under Metro.
config.resolver.resolveRequest = (context, name, platform) =>
  name === 'class-validator'
    ? { type: 'sourceFile', filePath: require.resolve('./class-validator-parts.js') }
    : context.resolveRequest(context, name, platform);

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
