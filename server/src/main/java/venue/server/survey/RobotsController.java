package venue.server.survey;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.live.sitemap.RobotRule;
import venue.core.live.sitemap.RobotsFile;
import venue.server.app.Origins;
import venue.server.here.Here;

/** What the working copy tells robots, before they read it. */
@RestController
@RequestMapping("/api/sites/{site}/robots")
class RobotsController {

    private static final int LONGEST = 2_000;

    private final Origins origins;

    RobotsController(Origins origins) {
        this.origins = origins;
    }

    /**
     * What robots.txt will say.
     *
     * @param waits whether that waits for a release
     */
    record RobotsText(String text, boolean waits) {}

    /**
     * Whether a robot may fetch an address.
     *
     * @param rule that says so, as robots.txt has it; absent where none says anything
     * @param agent whose rules it reads: its own name, or * where it has none of its own
     */
    record MayFetch(
            String robot,
            String address,
            boolean may,
            @Nullable String rule,
            String agent) {}

    @GetMapping
    RobotsText text(Here here) {
        String origin = origins.of(here.now().working().site());
        String text = RobotsFile.of(here.now().working()).text(origin);
        boolean waits = here.now().release() == 0
                || !text.equals(RobotsFile.of(here.now().live()).text(origin));
        return new RobotsText(text, waits);
    }

    /**
     * @param robot its product token; all robots where it is empty
     * @param address a path of the site, or a whole address of it
     */
    @GetMapping("/may")
    MayFetch may(Here here, @RequestParam(defaultValue = "") String robot, @RequestParam String address) {
        String origin = origins.of(here.now().working().site());
        String asked = address.strip();
        String path =
                asked.equals(origin) ? "/" : asked.startsWith(origin + "/") ? asked.substring(origin.length()) : asked;
        if (!path.startsWith("/") || path.length() > LONGEST) {
            throw Refusal.badInput(
                    "no-address-here",
                    "address",
                    "This is no address of this site.",
                    "Give one that begins with a slash, like /visit, or with " + origin + ".");
        }
        RobotsFile file = RobotsFile.of(here.now().working());
        RobotsFile.May may = file.may(robot, path);
        Optional<RobotRule> by = may.by();
        return new MayFetch(
                robot.isBlank() ? RobotRule.ALL : robot.strip(),
                path,
                may.fetch(),
                by.map(RobotsFile::line).orElse(null),
                file.group(robot));
    }
}
