package venue.server.hook;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.net.InetAddress;
import java.net.UnknownHostException;
import org.apache.hc.client5.http.DnsResolver;
import org.apache.hc.client5.http.SystemDefaultDnsResolver;
import org.apache.hc.client5.http.config.ConnectionConfig;
import org.apache.hc.client5.http.config.RequestConfig;
import org.apache.hc.client5.http.impl.classic.CloseableHttpClient;
import org.apache.hc.client5.http.impl.classic.HttpClients;
import org.apache.hc.client5.http.impl.io.PoolingHttpClientConnectionManagerBuilder;
import org.apache.hc.client5.http.protocol.HttpClientContext;
import org.apache.hc.client5.http.routing.RoutingSupport;
import org.apache.hc.core5.http.ClassicHttpRequest;
import org.apache.hc.core5.http.ClassicHttpResponse;
import org.apache.hc.core5.http.HttpException;
import org.apache.hc.core5.util.Timeout;
import org.springframework.stereotype.Component;
import venue.store.answer.HookHosts;

/**
 * Asks other machines. The address that is connected to is the one that was looked at: a name is resolved once, by us, and one that leads
 * to this machine or into a private network is not connected to, unless an owner allows its host by name. No redirect is followed, and
 * nothing of the answer but its status is read.
 */
@Component
public class OpenClient {

    private static final Timeout CONNECT = Timeout.ofSeconds(5);
    private static final Timeout ANSWER = Timeout.ofSeconds(10);

    private final HookHosts hosts;
    private final CloseableHttpClient client;

    OpenClient(HookHosts hosts) {
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

    /** Somebody's machine is ours, or stands in a private network: it isn't asked. */
    public static final class Private extends UnknownHostException {
        private static final long serialVersionUID = 1;

        Private(String host) {
            super(host + " is this machine or stands in a private network; an owner can allow it");
        }
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
                    throw new Private(host);
                }
            }
            return all;
        }

        @Override
        public String resolveCanonicalHostname(String host) {
            return host;
        }
    }

    /** The status of what is answered. */
    public int status(ClassicHttpRequest request) throws IOException, HttpException {
        try (ClassicHttpResponse answer =
                client.executeOpen(RoutingSupport.determineHost(request), request, HttpClientContext.create())) {
            return answer.getCode();
        }
    }

    @PreDestroy
    void close() throws IOException {
        client.close();
    }
}
