/** What concerns every request: headers, the page itself, the OpenAPI document. */
@NullMarked
package org.nestrinse.app.web;

import org.jspecify.annotations.NullMarked;
