package venue.server.upkeep;

import java.nio.file.Path;
import java.time.InstantSource;
import java.time.ZonedDateTime;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.Order;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;
import venue.core.basics.fault.Refusal;
import venue.server.delivery.BackupBucket;
import venue.server.delivery.TargetTrouble;
import venue.store.database.Database;
import venue.store.record.By;
import venue.store.record.Deed;
import venue.store.record.Records;
import venue.store.upkeep.Backups;
import venue.store.upkeep.Schedule;

/** A backup, at the time of day that is set; one that was missed is made when the server runs again. */
@Component
@Order(1)
final class MakeABackup implements UpkeepTask {

    static final String NAME = "backup";

    private final Database database;
    private final Records records;
    private final BackupFolder folder;
    private final Backups backups;
    private final BackupBucket.Reached reached;

    MakeABackup(Database database, Records records, BackupFolder folder, InstantSource clock, Environment set) {
        reached = new BackupBucket.Reached(
                set.getProperty("venue.s3-endpoint", ""),
                set.getProperty("venue.s3-region", ""),
                set.getProperty("venue.s3-path-style", "").equals("true"),
                set.getProperty("venue.s3-key-id", ""),
                set.getProperty("venue.s3-key-secret", ""));
        this.database = database;
        this.records = records;
        this.folder = folder;
        backups = new Backups(database, folder.data(), clock);
    }

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public String title() {
        return "Backup";
    }

    @Override
    public boolean isDue(@Nullable ZonedDateTime last, ZonedDateTime now) {
        Schedule schedule = Schedule.of(database);
        if (schedule.at() == null) {
            return false;
        }
        ZonedDateTime today = now.with(schedule.time());
        ZonedDateTime due = today.isAfter(now) ? today.minusDays(1) : today;
        return last == null || last.isBefore(due);
    }

    /** Where it goes, too, once it lies here; what stands in the way there fails the task, and the backup here stays. */
    private String sent(Path file, String name) {
        try (BackupBucket there = BackupBucket.open(folder.bucket(), reached)) {
            there.put(file, name);
            there.keep(Schedule.of(database).keep());
            return ", also at " + folder.bucket();
        } catch (TargetTrouble trouble) {
            throw Refusal.badInput(
                    "no-storage", "to", name + " lies here, but not there: " + trouble.says(), trouble.fix());
        }
    }

    @Override
    public String run() {
        Path to = folder.path();
        Backups.Kept made = backups.makeIn(to, Schedule.of(database).keep());
        records.write(Deed.BACKUP_MADE, By.SERVER, null, null, made.name());
        return folder.bucket().isEmpty() ? made.name() : made.name() + sent(to.resolve(made.name()), made.name());
    }
}
