package venue.server.hook;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.net.InetAddress;
import java.net.URI;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import org.apache.hc.client5.http.DnsResolver;
import org.apache.hc.client5.http.SystemDefaultDnsResolver;
import org.apache.hc.client5.http.classic.methods.HttpPost;
import org.apache.hc.client5.http.config.ConnectionConfig;
import org.apache.hc.client5.http.config.RequestConfig;
import org.apache.hc.client5.http.impl.classic.CloseableHttpClient;
import org.apache.hc.client5.http.impl.classic.HttpClients;
import org.apache.hc.client5.http.impl.io.PoolingHttpClientConnectionManagerBuilder;
import org.apache.hc.client5.http.protocol.HttpClientContext;
import org.apache.hc.client5.http.routing.RoutingSupport;
import org.apache.hc.core5.http.ClassicHttpResponse;
import org.apache.hc.core5.http.ContentType;
import org.apache.hc.core5.http.HttpException;
import org.apache.hc.core5.http.io.entity.ByteArrayEntity;
import org.apache.hc.core5.util.Timeout;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.store.answer.HookHosts;

/**
 * Posts to another machine. The address that is connected to is the one that was looked at: a name is resolved once, by us, and one that
 * leads to this machine or into a private network is not connected to, unless an owner allows its host by name. No redirect is followed, and
 * nothing of the answer but its status is read.
 */
@Component
public class HookPost {

    /** What came of it where it was taken. */
    public static final String TAKEN = "taken";

    private static final Timeout CONNECT = Timeout.ofSeconds(5);
    private static final Timeout ANSWER = Timeout.ofSeconds(10);

    private final HookHosts hosts;
    private final CloseableHttpClient client;

    HookPost(HookHosts hosts) {
        this.hosts = hosts;
        client = HttpClients.custom()
                .setConnectionManager(PoolingHttpClientConnectionManagerBuilder.create()
                        .setDnsResolver(new Open())
                        .setDefaultConnectionConfig(ConnectionConfig.custom()
                                .setConnectTimeout(CONNECT)
                                .setSocketTimeout(ANSWER)
                                .build())
                        .build())
                .setDefaultRequestConfig(
                        RequestConfig.custom().setResponseTimeout(ANSWER).build())
                .disableRedirectHandling()
                .disableAutomaticRetries()
                .disableCookieManagement()
                .disableAuthCaching()
                .setUserAgent("Venue")
                .build();
    }

    /** Looks at what a name leads to before it is connected to. */
    private final class Open implements DnsResolver {

        @Override
        public InetAddress[] resolve(String host) throws UnknownHostException {
            InetAddress[] all = SystemDefaultDnsResolver.INSTANCE.resolve(host);
            if (hosts.allows(host)) {
                return all;
            }
            for (InetAddress one : all) {
                if (!OpenAddress.is(one)) {
                    throw new UnknownHostException(
                            host + " is this machine or stands in a private network; an owner can allow it");
                }
            }
            return all;
        }

        @Override
        public String resolveCanonicalHostname(String host) {
            return host;
        }
    }

    /** What came of it, in few words: {@code taken}, or why not. */
    public String post(String address, String json) {
        return post(address, json, null);
    }

    /** The same, signed. */
    String post(String address, String json, @Nullable String signed) {
        HttpPost post;
        try {
            post = new HttpPost(URI.create(address));
        } catch (IllegalArgumentException unfit) {
            return "it is no address";
        }
        if (signed != null) {
            post.setHeader("Venue-Signed", signed);
        }
        post.setEntity(new ByteArrayEntity(json.getBytes(StandardCharsets.UTF_8), ContentType.APPLICATION_JSON));
        try (ClassicHttpResponse answer =
                client.executeOpen(RoutingSupport.determineHost(post), post, HttpClientContext.create())) {
            return answer.getCode() / 100 == 2 ? TAKEN : "it answered " + answer.getCode();
        } catch (IOException | HttpException | RuntimeException failed) {
            String why =
                    String.valueOf(failed.getMessage()).replaceAll("\\s+", " ").strip();
            return why.substring(0, Math.min(why.length(), 200));
        }
    }

    @PreDestroy
    void close() throws IOException {
        client.close();
    }
}
