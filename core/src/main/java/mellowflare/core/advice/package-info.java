/** Rule, finding (pass, fail, not checked), severity, because, remedy; and the methods a shop may choose between. */
package mellowflare.core.advice;
