# Shows what is delivered by hash to object storage: nginx, and what follows the manifest.
FROM debian:12-slim
RUN apt-get update \
 && apt-get install -y --no-install-recommends nginx-light libnginx-mod-http-brotli-static curl ca-certificates \
 && rm -rf /var/lib/apt/lists/* /etc/nginx/sites-enabled/default \
 && mkdir -p /var/cache/nginx /etc/nginx/venue
COPY follow /usr/local/bin/follow
COPY several/show.conf /etc/nginx/conf.d/venue.conf
COPY several/show /usr/local/bin/show
EXPOSE 80
CMD ["/usr/local/bin/show"]
