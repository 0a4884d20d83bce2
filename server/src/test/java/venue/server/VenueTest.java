package venue.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import venue.core.basics.item.PersonId;
import venue.core.change.edit.page.PageCommand;
import venue.store.database.DataFolder;
import venue.store.workspace.AskedRequest;

/** What can't be started is told in one line, and exits with 2. */
class VenueTest {

    private static final String GOOD = "otter velvet kettle nine";

    @TempDir
    Path top;

    private final PrintStream before = System.err;
    private final ByteArrayOutputStream said = new ByteArrayOutputStream();

    @BeforeEach
    void listen() {
        System.setErr(new PrintStream(said, true, StandardCharsets.UTF_8));
    }

    @AfterEach
    void stop() {
        System.setErr(before);
    }

    private void refused(String words, String... args) {
        assertThat(Venue.run(args)).isEqualTo(2);
        String all = said.toString(StandardCharsets.UTF_8);
        assertThat(all.lines().filter(l -> !l.isBlank())).hasSize(1);
        assertThat(all).startsWith("venue: ").contains(words).doesNotContain("\tat ");
    }

    private static int setUp(String folder, String password, String... more) {
        InputStream in = System.in;
        System.setIn(new ByteArrayInputStream((password + "\n").getBytes(StandardCharsets.UTF_8)));
        try {
            List<String> args = new ArrayList<>(List.of("setup", "--data", folder, "--name", "Ines Holm"));
            args.addAll(List.of("--email", "ines@loomgate-yard.example", "--password-stdin"));
            args.addAll(List.of("--site-name", "Loomgate Yard", "--site-host", "loomgate-yard.localhost"));
            args.addAll(List.of(more));
            return Venue.run(args.toArray(String[]::new));
        } finally {
            System.setIn(in);
        }
    }

    private static String told(Runnable work) {
        PrintStream out = System.out;
        ByteArrayOutputStream told = new ByteArrayOutputStream();
        System.setOut(new PrintStream(told, true, StandardCharsets.UTF_8));
        try {
            work.run();
        } finally {
            System.setOut(out);
        }
        return told.toString(StandardCharsets.UTF_8);
    }

    @Test
    void aFolderIsSetUpOnceAndItsPeopleAreLookedAfter() {
        String data = top.resolve("data").toString();
        assertThat(setUp(data, "too short", "--begin-with", "small")).isEqualTo(2);
        assertThat(setUp(data, GOOD, "--begin-with", "big")).isEqualTo(2);
        assertThat(setUp(data, GOOD, "--begin-with", "small", "--time-zone", "Loomgate"))
                .isEqualTo(2);
        assertThat(top.resolve("data")).doesNotExist();
        String addresses = told(
                () -> assertThat(setUp(data, GOOD, "--begin-with", "small")).isZero());
        assertThat(addresses.lines())
                .containsExactly("http://localhost:8080/loomgate-yard/plan", "http://loomgate-yard.localhost:8080/");
        assertThat(setUp(data, GOOD, "--begin-with", "small")).isEqualTo(2);
        assertThat(said.toString(StandardCharsets.UTF_8)).contains("set up already");
        String link = told(() -> assertThat(Venue.run(
                        "people",
                        "invite",
                        "--data",
                        data,
                        "--email",
                        "rosa@yard.example",
                        "--name",
                        "Rosa",
                        "--site",
                        "loomgate-yard.localhost"))
                .isZero());
        assertThat(link.strip()).matches("http://localhost:8080/-/come-in#[\\w-]{32}");
        assertThat(told(() -> Venue.run("people", "list", "--json", "--data", data)))
                .contains("rosa@yard.example", "\"state\":\"invited\"", "EDITOR");
        String reset =
                told(() -> Venue.run("people", "reset", "--data", data, "--email", "INES@loomgate-yard.example"));
        assertThat(reset.strip()).matches("http://localhost:8080/-/new-password#[\\w-]{32}");
        said.reset();
        refused("last owner", "people", "deactivate", "--data", data, "--email", "ines@loomgate-yard.example");
        said.reset();
        refused("no person", "people", "deactivate", "--data", data, "--email", "nobody@yard.example");
        said.reset();
        refused("--email", "people", "invite", "--data", data, "--name", "Rosa");
    }

    /** The launcher at the top of the project hands on every verb that people may give, and its help lists it. */
    @Test
    void theLauncherKnowsEveryVerb() throws IOException {
        String launcher = Files.readString(Path.of("../venue"));
        String handed = launcher.lines()
                .filter(l -> l.contains("run \"$command\""))
                .findFirst()
                .orElseThrow();
        List<String> verbs = new CommandLine(new Venue(null, Path.of("")))
                .getSubcommands().entrySet().stream()
                        .filter(v ->
                                !v.getValue().getCommandSpec().usageMessage().hidden())
                        .map(Map.Entry::getKey)
                        .filter(v -> !v.equals("demo"))
                        .toList();
        assertThat(verbs).hasSizeGreaterThan(7).allSatisfy(verb -> {
            assertThat(handed).containsPattern("\\b" + verb + "\\b");
            assertThat(launcher).contains("./venue " + verb + " ");
        });
    }

    @Test
    void membersAreInvitedListedAndShutOut() {
        String data = top.resolve("yard").toString();
        assertThat(setUp(data, GOOD, "--begin-with", "small")).isZero();
        String site = "loomgate-yard.localhost";
        String[] rosa = {"--data", data, "--site", site, "--email", "Rosa@Yard.example"};
        String link = told(() -> assertThat(Venue.run(with(rosa, "members", "invite", "--name", "Rosa")))
                .isZero());
        assertThat(link.strip()).matches("http://loomgate-yard.localhost:8080/-/confirm\\?token=[\\w-]{32}");
        assertThat(told(() -> Venue.run("members", "list", "--json", "--data", data, "--site", site)))
                .contains("rosa@yard.example", "\"state\":\"invited\"");
        assertThat(Venue.run(with(rosa, "members", "deactivate"))).isZero();
        said.reset();
        refused("no group", with(rosa, "members", "invite", "--group", "Nobodies"));
        said.reset();
        refused("no member", "members", "deactivate", "--data", data, "--site", site, "--email", "odo@yard.example");
        said.reset();
        refused("no site", "members", "list", "--data", data, "--site", "nowhere.example");
        said.reset();
        refused("list, invite, deactivate", "members");
    }

    private static String[] with(String[] some, String... first) {
        List<String> all = new ArrayList<>(List.of(first));
        all.addAll(List.of(some));
        return all.toArray(String[]::new);
    }

    @Test
    void packsAreSavedAndRead() throws IOException {
        String folder = top.resolve("yard").toString();
        assertThat(setUp(folder, GOOD, "--begin-with", "small")).isZero();
        String file = top.resolve("yard.venuepack").toString();
        String site = "loomgate-yard.localhost";
        assertThat(Venue.run("pack", "save", "--data", folder, "--site", site, "--to", file))
                .isZero();
        assertThat(Venue.run("pack", "read", "--data", folder, "--as-site", "again.localhost", file))
                .isZero();
        String page = top.resolve("news.venuepack").toString();
        String about = "/about-us";
        assertThat(Venue.run("pack", "save", "--data", folder, "--site", site, "--item", about, "--to", page))
                .isZero();
        PrintStream out = System.out;
        ByteArrayOutputStream told = new ByteArrayOutputStream();
        System.setOut(new PrintStream(told, true, StandardCharsets.UTF_8));
        try {
            assertThat(Venue.run(
                            "pack", "read", "--data", folder, "--site", "again.localhost", page, "--dry-run", "--json"))
                    .isZero();
        } finally {
            System.setOut(out);
        }
        assertThat(told.toString(StandardCharsets.UTF_8))
                .contains("\"dryRun\":true")
                .contains("\"fresh\":[]");
        refused(
                "No page stands at /nowhere",
                "pack",
                "read",
                "--data",
                folder,
                "--site",
                site,
                page,
                "--under",
                "/nowhere");
        said.reset();
        refused("belongs to another site", "pack", "read", "--data", folder, "--as-site", site, file);
        said.reset();
        refused("holds no whole site", "pack", "read", "--data", folder, "--as-site", "third.localhost", page);
        said.reset();
        refused("can't be read", "pack", "read", "--data", folder, "--site", site, "nothing.venuepack");
        said.reset();
        refused(
                "mutually exclusive",
                "pack",
                "read",
                "--data",
                folder,
                "--site",
                site,
                page,
                "--under",
                "/",
                "--only-patterns");
    }

    @Test
    void theSitesAreCheckedAndWhatMustBeFixedIsTheExitCode() {
        String folder = top.resolve("yard").toString();
        assertThat(setUp(folder, GOOD, "--begin-with", "empty")).isZero();
        assertThat(Venue.run("check", "--data", folder)).isZero();
        String small = top.resolve("small").toString();
        assertThat(setUp(small, GOOD, "--begin-with", "small")).isZero();
        assertThat(Venue.run("check", "--data", small))
                .as("lines that wait for drafts alarm nobody")
                .isZero();
        try (OwnFolder own = OwnFolder.open(Path.of(small), null)) {
            own.site("loomgate-yard")
                    .run(AskedRequest.of(new PersonId("Ines"), PageCommand.withdrawPage("privacy", true)));
        }
        PrintStream out = System.out;
        ByteArrayOutputStream told = new ByteArrayOutputStream();
        System.setOut(new PrintStream(told, true, StandardCharsets.UTF_8));
        int status;
        try {
            status = Venue.run("check", "--data", small, "--site", "loomgate-yard.localhost", "--json");
        } finally {
            System.setOut(out);
        }
        boolean mustBe = told.toString(StandardCharsets.UTF_8).contains("MUST_FIX");
        assertThat(mustBe).as("a line leads to what is taken off").isTrue();
        assertThat(status).isEqualTo(1);
        refused("There is no site “nowhere”", "check", "--data", small, "--site", "nowhere");
    }

    @Test
    void aFolderThatIsHeld() {
        try (DataFolder held = DataFolder.open(top.resolve("data"))) {
            held.servedAt("http://localhost:8080/");
            refused("is in use by process", "serve", "--data", held.path().toString(), "--port", "0");
        }
    }

    @Test
    void aFolderThatCanNotBeWritten() throws IOException {
        Path file = Files.createFile(top.resolve("file"));
        refused("can't be written", "demo", "--data", file.resolve("data").toString());
    }

    @Test
    void whatIsSetInTheFolderAndBeforeItInTheEnvironment() throws IOException {
        Files.writeString(top.resolve("venue.properties"), "mail-host = mail.example\nmail-port=2525\n");
        assertThat(Configured.read(top, java.util.Map.of("VENUE_MAIL_PORT", "26", "VENUE_OTHER", "x")))
                .containsOnly(
                        java.util.Map.entry("venue.mail-host", "mail.example"),
                        java.util.Map.entry("venue.mail-port", "26"));
        Files.writeString(top.resolve("venue.properties"), "interface-host = edit.yard.example\nbind=0.0.0.0\n");
        assertThat(Configured.read(top, java.util.Map.of("VENUE_HSTS", "true")))
                .containsOnly(
                        java.util.Map.entry("venue.host", "edit.yard.example"),
                        java.util.Map.entry("server.address", "0.0.0.0"),
                        java.util.Map.entry("venue.hsts", "true"));
        refused("no public-scheme", "serve", "--data", top.toString(), "--port", "0", "--public-scheme", "ftp");
        said.reset();
        refused(
                "no address and no network",
                "serve",
                "--data",
                top.toString(),
                "--port",
                "0",
                "--trusted-proxies",
                "me");
        said.reset();
        Files.writeString(top.resolve("venue.properties"), "mail-hots = mail.example\n");
        refused("“mail-hots”", "serve", "--data", top.toString(), "--port", "0");
    }

    @Test
    void aDatabaseThatIsDamaged() throws IOException {
        Path data = Files.createDirectories(top.resolve("data"));
        Files.writeString(data.resolve("venue.db"), "no database any more ".repeat(1_000));
        assertThat(Venue.run("serve", "--data", data.toString(), "--port", "0")).isEqualTo(2);
        assertThat(said.toString(StandardCharsets.UTF_8).lines())
                .hasSize(2)
                .allMatch(l -> l.startsWith("venue: ") && l.contains("venue.db"));
        DataFolder.open(data).close();
        String told = told(
                () -> assertThat(Venue.run("check", "--data", data.toString())).isEqualTo(1));
        assertThat(told.lines())
                .singleElement()
                .asString()
                .contains("is damaged")
                .contains("Nothing of it can be read");
    }

    /** One page of the file in the middle of a table is not what was written. */
    @Test
    void whatCanStillBeReadOfADamagedDatabaseIsTold() throws IOException {
        String folder = top.resolve("yard").toString();
        assertThat(setUp(folder, GOOD, "--begin-with", "small")).isZero();
        Path file = top.resolve("yard/venue.db");
        try (RandomAccessFile bytes = new RandomAccessFile(file.toFile(), "rw")) {
            byte[] all = new byte[(int) bytes.length()];
            bytes.readFully(all);
            int at = new String(all, StandardCharsets.ISO_8859_1).indexOf("\"name\":") / 4096 * 4096;
            bytes.seek(at);
            bytes.write(new byte[4096]);
        }
        String told =
                told(() -> assertThat(Venue.run("check", "--data", folder)).isEqualTo(1));
        assertThat(told.lines())
                .singleElement()
                .asString()
                .contains("is damaged", "not whole: content", "Whole: ", "person");
    }
}
