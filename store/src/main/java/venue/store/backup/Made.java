package venue.store.backup;

/**
 * What a backup was made of.
 *
 * @param venue the version of Venue that made it
 * @param schema the version of its database
 * @param at when, in UTC (RFC 3339)
 * @param whole whether files are in it too; one made before a migration holds the database alone
 */
public record Made(String venue, int schema, String at, boolean whole) {}
