package venue.server.hook;

import java.time.Duration;
import java.util.Set;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * To where answers may be handed on.
 *
 * @param hookHosts names of hosts that are allowed though they are this machine or stand in a private network
 * @param hookPause how long after a first try that failed the next one comes
 */
@ConfigurationProperties("venue")
record HookSettings(
        @DefaultValue Set<String> hookHosts,
        @DefaultValue("1m") Duration hookPause) {}
