package venue.server.upkeep;

import java.nio.file.Path;
import java.time.InstantSource;
import java.time.ZonedDateTime;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
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

    MakeABackup(Database database, Records records, BackupFolder folder, InstantSource clock) {
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

    @Override
    public String run() {
        Path to = folder.path();
        Backups.Kept made = backups.makeIn(to, Schedule.of(database).keep());
        records.write(Deed.BACKUP_MADE, By.SERVER, null, null, made.name());
        return made.name();
    }
}
