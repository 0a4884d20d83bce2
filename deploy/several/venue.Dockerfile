# The server where sites are made. venue.tar.gz is what ./venue distribution makes.
FROM debian:12-slim
RUN apt-get update \
 && apt-get install -y --no-install-recommends openjdk-17-jre-headless \
 && rm -rf /var/lib/apt/lists/* \
 && adduser --system --group --home /var/lib/venue venue
COPY venue.tar.gz /tmp/
RUN mkdir /opt/venue && tar -C /opt/venue --strip-components=1 -xzf /tmp/venue.tar.gz && rm /tmp/venue.tar.gz
USER venue
VOLUME /var/lib/venue
EXPOSE 8080
# No shell stands between: the end of the container reaches the server.
ENTRYPOINT ["/opt/venue/venue"]
CMD ["serve", "--data", "/var/lib/venue"]
