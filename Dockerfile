# syntax=docker/dockerfile:1
# Read by a linter in `npm test`; not run by us (docs/self-hosting.md).

FROM node:20.20-bookworm-slim AS build
WORKDIR /source
COPY package.json package-lock.json .npmrc ./
RUN npm ci --no-audit --no-fund
COPY . .
RUN npm run release

FROM node:20.20-bookworm-slim
ENV NODE_ENV=production
ENV HOST=0.0.0.0
ENV KEYS_FILE=/kept/ricompensa.keys
WORKDIR /opt/ricompensa
COPY --from=build /source/release ./
RUN install --directory --owner=node --mode=0700 /kept
USER node
VOLUME /kept
EXPOSE 4000
CMD ["node", "--enable-source-maps", "dist/server.js"]
