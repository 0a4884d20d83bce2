package venue.server.upkeep;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.lang.management.ManagementFactory;
import java.time.Instant;
import java.time.InstantSource;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.text.Words;
import venue.server.here.Caller;
import venue.store.database.Database;
import venue.store.database.Version;
import venue.store.record.Deed;
import venue.store.record.Records;
import venue.store.upkeep.Backups;
import venue.store.upkeep.Schedule;
import venue.store.upkeep.Sizes;
import venue.store.upkeep.Tasks;
import venue.store.upkeep.UnusedFiles;

/** How the installation is, for its owners. */
@RestController
@RequestMapping("/api/upkeep")
class UpkeepController {

    private static final String SEE = "see how it is kept";
    private static final String KEEP = "keep it";

    private final Upkeep upkeep;
    private final Tasks tasks;
    private final Database database;
    private final BackupFolder folder;
    private final UnusedFiles unused;
    private final Records records;
    private final InstantSource clock;

    UpkeepController(
            Upkeep upkeep, Tasks tasks, Database database, BackupFolder folder, Records records, InstantSource clock) {
        this.upkeep = upkeep;
        this.tasks = tasks;
        this.database = database;
        this.folder = folder;
        this.records = records;
        this.clock = clock;
        unused = new UnusedFiles(database, folder.data(), clock);
    }

    /**
     * How the installation is.
     *
     * @param free bytes that are left on the disk of the data folder
     */
    record InstallationTold(
            @JsonUnwrapped Running running,
            Sizes sizes,
            long free,
            BackupsTold backups,
            List<TaskTold> tasks,
            List<UpkeepFinding> findings) {

        /**
         * @param java the version of the Java runtime
         * @param since when the server was started
         * @param timeZone the server's own, in which it keeps times of day
         */
        public record Running(String version, String java, String since, String timeZone) {}
    }

    /**
     * The backups that are there.
     *
     * @param folder where they lie on the server
     * @param bucket where each is sent, too; empty for nowhere
     * @param running whether one is being made
     */
    record BackupsTold(String folder, String bucket, Schedule schedule, boolean running, List<Backups.Kept> kept) {}

    /** A task with how it ended last; without where it never was done. */
    record TaskTold(
            String name,
            String title,
            boolean running,
            @Nullable String endedAt,
            @Nullable Boolean well,
            @Nullable String says) {}

    /** Files to remove, each by the beginning of its hash. */
    record ChosenFiles(List<String> files) {}

    /** What was freed, in bytes. */
    record Freed(long bytes) {}

    @GetMapping
    InstallationTold told(Caller caller) {
        caller.requireOwner(SEE);
        return new InstallationTold(
                new InstallationTold.Running(
                        Version.OURS,
                        Runtime.version().toString(),
                        Instant.ofEpochMilli(
                                        ManagementFactory.getRuntimeMXBean().getStartTime())
                                .toString(),
                        ZoneId.systemDefault().getId()),
                Sizes.of(database, folder.data()),
                free(),
                new BackupsTold(
                        folder.path().toString(),
                        folder.bucket(),
                        Schedule.of(database),
                        upkeep.isRunning(MakeABackup.NAME),
                        backups()),
                upkeep.tasks().stream().map(this::told).toList(),
                found());
    }

    /** What wants an owner: asked for by every window of one, so it is small. */
    @GetMapping("/findings")
    List<UpkeepFinding> findings(Caller caller) {
        caller.requireOwner(SEE);
        return found();
    }

    private List<UpkeepFinding> found() {
        return UpkeepFinding.all(tasks.all(), backups(), Schedule.of(database), free(), clock.instant());
    }

    private List<Backups.Kept> backups() {
        return Backups.all(folder.path());
    }

    private long free() {
        return folder.data().toFile().getUsableSpace();
    }

    private TaskTold told(UpkeepTask task) {
        Optional<Tasks.Last> last = tasks.last(task.name());
        return new TaskTold(
                task.name(),
                task.title(),
                upkeep.isRunning(task.name()),
                last.map(Tasks.Last::endedAt).orElse(null),
                last.map(Tasks.Last::well).orElse(null),
                last.map(Tasks.Last::says).orElse(null));
    }

    /** Begins a backup. */
    @PostMapping("/backup")
    void backUp(Caller caller) {
        caller.requireOwner(KEEP);
        upkeep.start(MakeABackup.NAME);
    }

    /** Sets when backups are made by themselves, and how many are kept. */
    @PostMapping("/schedule")
    void schedule(Caller caller, @RequestBody Schedule asked) {
        caller.requireOwner(KEEP);
        Schedule checked = asked.checked();
        checked.keepIn(database);
        String told = checked.at() == null ? "never" : "at " + checked.at() + ", " + checked.keep() + " kept";
        records.write(Deed.BACKUPS_SCHEDULED, caller.by(), null, null, told);
    }

    /** Files that no site has. */
    @GetMapping("/unused-files")
    List<UnusedFiles.Unused> unused(Caller caller) {
        caller.requireOwner(SEE);
        return unused.all();
    }

    @PostMapping("/unused-files/remove")
    Freed remove(Caller caller, @RequestBody ChosenFiles chosen) {
        caller.requireOwner(KEEP);
        long bytes = unused.remove(chosen.files());
        records.write(
                Deed.FILES_REMOVED,
                caller.by(),
                null,
                null,
                Words.count(chosen.files().size(), "file"));
        return new Freed(bytes);
    }
}
