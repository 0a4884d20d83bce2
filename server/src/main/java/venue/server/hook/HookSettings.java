package venue.server.hook;

import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * How answers are handed on.
 *
 * @param hookPause how long after a first try that failed the next one comes
 */
@ConfigurationProperties("venue")
record HookSettings(@DefaultValue("1m") Duration hookPause) {}
