package venue.core.live.sitemap;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.site.Site;
import venue.core.model.site.SiteFacts;

/**
 * One rule for robots (RFC 9309).
 *
 * @param agent the product token of the robot, as it calls itself; {@code *} for all that have no rule of their own
 * @param path where addresses begin of which it says something; {@code *} stands for anything, a last {@code $} for their end
 */
public record RobotRule(String agent, boolean allows, String path) {

    /** What stands in the place of a robot's name for all. */
    public static final String ALL = "*";

    /** Proofs are nobody's but ours. */
    private static final String PROOFS = "/-/proof/";

    /** Those of a site, in their order. No robot may fetch proofs, whatever the site says. */
    public static List<RobotRule> in(Site site) {
        List<RobotRule> own = site.facts().get(SiteFacts.ROBOTS) instanceof Value.Many many
                ? many.groups().stream().flatMap(g -> of(g).stream()).toList()
                : List.of();
        List<RobotRule> all = new ArrayList<>(own);
        Stream.concat(Stream.of(ALL), own.stream().map(RobotRule::agent))
                .distinct()
                .forEach(agent -> all.add(new RobotRule(agent, false, PROOFS)));
        return List.copyOf(all);
    }

    private static Optional<RobotRule> of(Map<String, Value> told) {
        String path = Values.text(told, "path");
        String agent = Values.text(told, "agent").strip();
        return path.isBlank()
                ? Optional.empty()
                : Optional.of(new RobotRule(
                        agent.isEmpty() ? ALL : agent, Values.text(told, "way").equals("allow"), path.strip()));
    }
}
