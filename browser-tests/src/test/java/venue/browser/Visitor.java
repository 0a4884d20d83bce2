package venue.browser;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;

/** A visitor of the public site, over plain HTTP. */
final class Visitor {

    static {
        System.setProperty("jdk.httpclient.allowRestrictedHeaders", "host");
    }

    private static final HttpClient HTTP = HttpClient.newHttpClient();

    private Visitor() {}

    static HttpResponse<String> visit(Running venue, String path) {
        return visit(venue, "kestrel-moor.localhost", path);
    }

    static HttpResponse<String> visit(Running venue, String host, String path) {
        HttpRequest request = HttpRequest.newBuilder(URI.create(venue.venue(path)))
                .header("Host", host + ":" + venue.port())
                .build();
        try {
            return HTTP.send(request, HttpResponse.BodyHandlers.ofString());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
