/** What search engines were told of the sitemaps of sites. */
@org.jspecify.annotations.NullMarked
package venue.store.telling;
