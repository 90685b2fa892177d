/** Backups of the whole database: written while Islet runs, read back elsewhere, checked. */
@NullMarked
package app.islet.web.base.backup;

import org.jspecify.annotations.NullMarked;
