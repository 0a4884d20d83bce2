package venue.server.app;

import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.security.web.util.matcher.IpAddressMatcher;
import venue.store.database.Unfit;

/**
 * How the server stands in public, under {@code venue.*}.
 *
 * @param trustedProxies addresses or networks (CIDR) whose word is taken for where a request comes from; none unless said
 * @param hsts whether browsers are told to come over TLS alone for a year (RFC 6797), where people come over TLS
 * @param metricsToken with which the server's numbers can be asked for from elsewhere; nobody can where it is empty
 */
@ConfigurationProperties("venue")
public record InPublic(
        @DefaultValue("") List<String> trustedProxies,
        @DefaultValue("false") boolean hsts,
        @DefaultValue("") String metricsToken) {

    /** Set on a request that a trusted proxy has passed on. */
    public static final String FORWARDED = InPublic.class.getName();

    public InPublic {
        trustedProxies = trustedProxies.stream()
                .map(String::strip)
                .filter(p -> !p.isEmpty())
                .toList();
        trustedProxies.forEach(InPublic::matcher);
    }

    private static IpAddressMatcher matcher(String proxy) {
        try {
            return new IpAddressMatcher(proxy);
        } catch (IllegalArgumentException e) {
            throw new Unfit(
                    "“" + proxy + "” in trusted-proxies is no address and no network. Give 127.0.0.1 or 10.0.0.0/8.");
        }
    }

    /** Whether an address is that of a proxy whose word is taken. */
    public boolean trusts(String address) {
        return isAddress(address)
                && trustedProxies.stream().anyMatch(p -> matcher(p).matches(address));
    }

    /** Whether something is an address, so that looking at it asks no name server. */
    public static boolean isAddress(String word) {
        return word.matches("[0-9]{1,3}(\\.[0-9]{1,3}){3}|[0-9a-fA-F:.]*:[0-9a-fA-F:.]*");
    }
}
