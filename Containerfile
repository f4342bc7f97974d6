# Builds with what is in this folder and the registry alone. See docs/hosting.md.
FROM docker.io/library/node:20-bookworm AS build
WORKDIR /app
COPY . .
RUN npm ci && npm run build

FROM docker.io/library/node:20-bookworm-slim
WORKDIR /app
COPY --from=build /app /app
ENV DATA_DIR=/data HOST=0.0.0.0
RUN mkdir /data && chown node /data
USER node
VOLUME /data
EXPOSE 4173
CMD ["node", "server/dist/main.js"]
