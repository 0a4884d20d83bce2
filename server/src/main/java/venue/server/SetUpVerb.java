package venue.server;

import java.nio.charset.StandardCharsets;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import venue.core.carry.beginning.NewSite;
import venue.server.setup.SetUp;
import venue.store.record.By;

/** Sets a folder up without a browser. */
@Command(
        name = "setup",
        description = "Makes the first owner and the first site in a folder that nobody has set up.",
        mixinStandardHelpOptions = true)
final class SetUpVerb implements Callable<Integer> {

    private static final int MOST_BYTES = 4096;

    @CommandLine.Mixin
    Data data = new Data();

    @Option(names = "--name", required = true, description = "Your name.")
    String name = "";

    @Option(names = "--email", required = true, description = "Your e-mail address, to sign in with.")
    String email = "";

    @Option(
            names = "--password-stdin",
            required = true,
            description = "Reads your password from standard input: one line of 12 to 128 characters.")
    boolean passwordStdin;

    @Option(names = "--site-name", required = true, description = "Name of the site.")
    String siteName = "";

    @Option(names = "--site-host", required = true, description = "Host name of the site, without a port.")
    String siteHost = "";

    @Option(names = "--begin-with", required = true, description = "empty, small or example.")
    String beginWith = "";

    @Option(names = "--language", description = "Language of the site, BCP 47 (${DEFAULT-VALUE}).", defaultValue = "en")
    String language = "en";

    @Option(
            names = "--time-zone",
            description = "Time zone of the site, IANA (${DEFAULT-VALUE}).",
            defaultValue = "Europe/London")
    String timeZone = "Europe/London";

    @Override
    public Integer call() throws java.io.IOException {
        NewSite site = NewSite.of(siteName, siteHost, language, timeZone);
        SetUp.Asked asked = new SetUp.Asked(name, email, password(), site, beginWith);
        SetUp.check(asked);
        try (OwnFolder own = data.open()) {
            SetUp.Made made = SetUp.without(own.people(), own.siteMaker()).begin(By.COMMAND_LINE, asked, () -> {});
            data.say(own.origin().apply("") + "/" + made.workspace().site() + "/plan");
            data.say(own.origin().apply(site.host()) + "/");
        }
        return 0;
    }

    /** The first line of what is given to the program. */
    private static String password() throws java.io.IOException {
        return new String(System.in.readNBytes(MOST_BYTES), StandardCharsets.UTF_8)
                .lines()
                .findFirst()
                .orElse("");
    }
}
