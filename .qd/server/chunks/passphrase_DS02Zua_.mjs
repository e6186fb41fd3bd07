import { readdirSync, openSync, fsyncSync, closeSync, statSync, readFileSync, writeSync, renameSync } from 'node:fs';
import path from 'node:path';
import * as Url from 'url';
import * as Util from 'util';
import { R as Refused } from './problem_BTADoVqZ.mjs';
import { customType, integer, timestamp, pgTable, doublePrecision, text as text$1, boolean as boolean$1, PgTransaction, jsonb } from 'drizzle-orm/pg-core';
import { is } from 'drizzle-orm';
import { homedir } from 'node:os';
import { timingSafeEqual, scrypt, randomBytes } from 'node:crypto';

function getDefaultExportFromCjs (x) {
	return x && x.__esModule && Object.prototype.hasOwnProperty.call(x, 'default') ? x['default'] : x;
}

function getAugmentedNamespace(n) {
  if (Object.prototype.hasOwnProperty.call(n, '__esModule')) return n;
  var f = n.default;
	if (typeof f == "function") {
		var a = function a () {
			if (this instanceof a) {
        return Reflect.construct(f, arguments, this.constructor);
			}
			return f.apply(this, arguments);
		};
		a.prototype = f.prototype;
  } else a = {};
  Object.defineProperty(a, '__esModule', {value: true});
	Object.keys(n).forEach(function (k) {
		var d = Object.getOwnPropertyDescriptor(n, k);
		Object.defineProperty(a, k, d.get ? d : {
			enumerable: true,
			get: function () {
				return n[k];
			}
		});
	});
	return a;
}

var lib$4 = {};

var assert$1 = {exports: {}};

var assertError;
var hasRequiredAssertError;

function requireAssertError () {
	if (hasRequiredAssertError) return assertError;
	hasRequiredAssertError = 1;


	assertError = class AssertError extends Error {

	    name = 'AssertError';

	    constructor(message, ctor) {

	        super(message || 'Unknown error');

	        if (typeof Error.captureStackTrace === 'function') {            // $lab:coverage:ignore$
	            Error.captureStackTrace(this, ctor);
	        }
	    }
	};
	return assertError;
}

var stringify;
var hasRequiredStringify;

function requireStringify () {
	if (hasRequiredStringify) return stringify;
	hasRequiredStringify = 1;


	stringify = function (...args) {

	    try {
	        return JSON.stringify(...args);
	    }
	    catch (err) {
	        return '[Cannot display object: ' + err.message + ']';
	    }
	};
	return stringify;
}

var hasRequiredAssert;

function requireAssert () {
	if (hasRequiredAssert) return assert$1.exports;
	hasRequiredAssert = 1;

	const AssertError = requireAssertError();
	const Stringify = requireStringify();


	const assert = assert$1.exports = function (condition, ...args) {

	    if (condition) {
	        return;
	    }

	    if (args.length === 1 &&
	        args[0] instanceof Error) {

	        throw args[0];
	    }

	    const msgs = args
	        .filter((arg) => arg !== '')
	        .map((arg) => {

	            return typeof arg === 'string' ? arg : arg instanceof Error ? arg.message : Stringify(arg);
	        });

	    throw new AssertError(msgs.join(' '), assert);
	};
	return assert$1.exports;
}

var reach;
var hasRequiredReach;

function requireReach () {
	if (hasRequiredReach) return reach;
	hasRequiredReach = 1;

	const Assert = requireAssert();


	const internals = {};


	reach = function (obj, chain, options) {

	    if (chain === false ||
	        chain === null ||
	        chain === undefined) {

	        return obj;
	    }

	    options = options || {};
	    if (typeof options === 'string') {
	        options = { separator: options };
	    }

	    const isChainArray = Array.isArray(chain);

	    Assert(!isChainArray || !options.separator, 'Separator option is not valid for array-based chain');

	    const path = isChainArray ? chain : chain.split(options.separator || '.');
	    let ref = obj;
	    for (let i = 0; i < path.length; ++i) {
	        let key = path[i];
	        const type = options.iterables && internals.iterables(ref);

	        if (Array.isArray(ref) ||
	            type === 'set') {

	            const number = Number(key);
	            if (Number.isInteger(number)) {
	                key = number < 0 ? ref.length + number : number;
	            }
	        }

	        if (!ref ||
	            typeof ref === 'function' && options.functions === false ||         // Defaults to true
	            !type && ref[key] === undefined) {

	            Assert(!options.strict || i + 1 === path.length, 'Missing segment', key, 'in reach path ', chain);
	            Assert(typeof ref === 'object' || options.functions === true || typeof ref !== 'function', 'Invalid segment', key, 'in reach path ', chain);
	            ref = options.default;
	            break;
	        }

	        if (!type) {
	            ref = ref[key];
	        }
	        else if (type === 'set') {
	            ref = [...ref][key];
	        }
	        else {  // type === 'map'
	            ref = ref.get(key);
	        }
	    }

	    return ref;
	};


	internals.iterables = function (ref) {

	    if (ref instanceof Set) {
	        return 'set';
	    }

	    if (ref instanceof Map) {
	        return 'map';
	    }
	};
	return reach;
}

var types = {exports: {}};

var hasRequiredTypes;

function requireTypes () {
	if (hasRequiredTypes) return types.exports;
	hasRequiredTypes = 1;
	(function (module, exports) {

		const internals = {};


		exports = module.exports = {
		    array: Array.prototype,
		    buffer: Buffer && Buffer.prototype,             // $lab:coverage:ignore$
		    date: Date.prototype,
		    error: Error.prototype,
		    generic: Object.prototype,
		    map: Map.prototype,
		    promise: Promise.prototype,
		    regex: RegExp.prototype,
		    set: Set.prototype,
		    url: URL.prototype,
		    weakMap: WeakMap.prototype,
		    weakSet: WeakSet.prototype
		};


		internals.typeMap = new Map([
		    ['[object Error]', exports.error],
		    ['[object Map]', exports.map],
		    ['[object Promise]', exports.promise],
		    ['[object Set]', exports.set],
		    ['[object URL]', exports.url],
		    ['[object WeakMap]', exports.weakMap],
		    ['[object WeakSet]', exports.weakSet]
		]);


		exports.getInternalProto = function (obj) {

		    if (Array.isArray(obj)) {
		        return exports.array;
		    }

		    if (Buffer && obj instanceof Buffer) {          // $lab:coverage:ignore$
		        return exports.buffer;
		    }

		    if (obj instanceof Date) {
		        return exports.date;
		    }

		    if (obj instanceof RegExp) {
		        return exports.regex;
		    }

		    if (obj instanceof Error) {
		        return exports.error;
		    }

		    const objName = Object.prototype.toString.call(obj);
		    return internals.typeMap.get(objName) || exports.generic;
		}; 
	} (types, types.exports));
	return types.exports;
}

var utils = {};

var hasRequiredUtils;

function requireUtils () {
	if (hasRequiredUtils) return utils;
	hasRequiredUtils = 1;


	utils.keys = function (obj, options = {}) {

	    return options.symbols !== false ? Reflect.ownKeys(obj) : Object.getOwnPropertyNames(obj);  // Defaults to true
	};
	return utils;
}

var clone;
var hasRequiredClone;

function requireClone () {
	if (hasRequiredClone) return clone;
	hasRequiredClone = 1;

	const Reach = requireReach();
	const Types = requireTypes();
	const Utils = requireUtils();


	const internals = {
	    needsProtoHack: new Set([Types.set, Types.map, Types.weakSet, Types.weakMap]),
	    structuredCloneExists: typeof structuredClone === 'function'
	};


	clone = internals.clone = function (obj, options = {}, _seen = null) {

	    if (typeof obj !== 'object' ||
	        obj === null) {

	        return obj;
	    }

	    let clone = internals.clone;
	    let seen = _seen;

	    if (options.shallow) {
	        if (options.shallow !== true) {
	            return internals.cloneWithShallow(obj, options);
	        }

	        clone = (value) => value;
	    }
	    else if (seen) {
	        const lookup = seen.get(obj);
	        if (lookup) {
	            return lookup;
	        }
	    }
	    else {
	        seen = new Map();
	    }

	    // Built-in object types

	    const baseProto = Types.getInternalProto(obj);
	    switch (baseProto) {
	        case Types.buffer:
	            return Buffer?.from(obj);
	        case Types.date:
	            return new Date(obj.getTime());
	        case Types.regex:
	        case Types.url:
	            return new baseProto.constructor(obj);
	    }

	    // Generic objects

	    const newObj = internals.base(obj, baseProto, options);
	    if (newObj === obj) {
	        return obj;
	    }

	    if (seen) {
	        seen.set(obj, newObj);                              // Set seen, since obj could recurse
	    }

	    if (baseProto === Types.set) {
	        for (const value of obj) {
	            newObj.add(clone(value, options, seen));
	        }
	    }
	    else if (baseProto === Types.map) {
	        for (const [key, value] of obj) {
	            newObj.set(key, clone(value, options, seen));
	        }
	    }

	    const keys = Utils.keys(obj, options);
	    for (const key of keys) {
	        if (key === '__proto__') {
	            continue;
	        }

	        if (baseProto === Types.array &&
	            key === 'length') {

	            newObj.length = obj.length;
	            continue;
	        }

	        // Can only be covered in node 21+
	        /* $lab:coverage:off$ */
	        if (internals.structuredCloneExists &&
	            baseProto === Types.error &&
	            key === 'stack') {

	            continue;       // Already a part of the base object
	        }
	        /* $lab:coverage:on$ */

	        const descriptor = Object.getOwnPropertyDescriptor(obj, key);
	        if (descriptor) {
	            if (descriptor.get ||
	                descriptor.set) {

	                Object.defineProperty(newObj, key, descriptor);
	            }
	            else if (descriptor.enumerable) {
	                newObj[key] = clone(obj[key], options, seen);
	            }
	            else {
	                Object.defineProperty(newObj, key, { enumerable: false, writable: true, configurable: true, value: clone(obj[key], options, seen) });
	            }
	        }
	        else {
	            Object.defineProperty(newObj, key, {
	                enumerable: true,
	                writable: true,
	                configurable: true,
	                value: clone(obj[key], options, seen)
	            });
	        }
	    }

	    return newObj;
	};


	internals.cloneWithShallow = function (source, options) {

	    const keys = options.shallow;
	    options = Object.assign({}, options);
	    options.shallow = false;

	    const seen = new Map();

	    for (const key of keys) {
	        const ref = Reach(source, key);
	        if (typeof ref === 'object' ||
	            typeof ref === 'function') {

	            seen.set(ref, ref);
	        }
	    }

	    return internals.clone(source, options, seen);
	};


	internals.base = function (obj, baseProto, options) {

	    if (options.prototype === false) {                  // Defaults to true
	        if (internals.needsProtoHack.has(baseProto)) {
	            return new baseProto.constructor();
	        }

	        return baseProto === Types.array ? [] : {};
	    }

	    const proto = Object.getPrototypeOf(obj);
	    if (proto &&
	        proto.isImmutable) {

	        return obj;
	    }

	    if (baseProto === Types.array) {
	        const newObj = [];
	        if (proto !== baseProto) {
	            Object.setPrototypeOf(newObj, proto);
	        }

	        return newObj;
	    }
	    // Can only be covered in node 21+
	    /* $lab:coverage:off$ */
	    else if (baseProto === Types.error && internals.structuredCloneExists &&
	        (proto === baseProto || Error.isPrototypeOf(proto.constructor))) {      // Don't match Util.inherit() subclassed errors

	        const err = structuredClone(obj);                                       // Needed to copy internal stack state
	        if (Object.getPrototypeOf(err) !== proto) {
	            Object.setPrototypeOf(err, proto);                                  // Fix prototype
	        }

	        return err;
	    }
	    /* $lab:coverage:on$ */

	    if (internals.needsProtoHack.has(baseProto)) {
	        const newObj = new proto.constructor();
	        if (proto !== baseProto) {
	            Object.setPrototypeOf(newObj, proto);
	        }

	        return newObj;
	    }

	    return Object.create(proto);
	};
	return clone;
}

var merge;
var hasRequiredMerge;

function requireMerge () {
	if (hasRequiredMerge) return merge;
	hasRequiredMerge = 1;

	const Assert = requireAssert();
	const Clone = requireClone();
	const Utils = requireUtils();


	const internals = {};


	merge = internals.merge = function (target, source, options) {

	    Assert(target && typeof target === 'object', 'Invalid target value: must be an object');
	    Assert(source === null || source === undefined || typeof source === 'object', 'Invalid source value: must be null, undefined, or an object');

	    if (!source) {
	        return target;
	    }

	    options = Object.assign({ nullOverride: true, mergeArrays: true }, options);

	    if (Array.isArray(source)) {
	        Assert(Array.isArray(target), 'Cannot merge array onto an object');
	        if (!options.mergeArrays) {
	            target.length = 0;                                                          // Must not change target assignment
	        }

	        for (let i = 0; i < source.length; ++i) {
	            target.push(Clone(source[i], { symbols: options.symbols }));
	        }

	        return target;
	    }

	    const keys = Utils.keys(source, options);
	    for (let i = 0; i < keys.length; ++i) {
	        const key = keys[i];
	        if (key === '__proto__' ||
	            !Object.prototype.propertyIsEnumerable.call(source, key)) {

	            continue;
	        }

	        const value = source[key];
	        if (value &&
	            typeof value === 'object') {

	            if (target[key] === value) {
	                continue;                                           // Can occur for shallow merges
	            }

	            if (!target[key] ||
	                typeof target[key] !== 'object' ||
	                (Array.isArray(target[key]) !== Array.isArray(value)) ||
	                value instanceof Date ||
	                (Buffer && Buffer.isBuffer(value)) ||               // $lab:coverage:ignore$
	                value instanceof RegExp) {

	                target[key] = Clone(value, { symbols: options.symbols });
	            }
	            else {
	                internals.merge(target[key], value, options);
	            }
	        }
	        else {
	            if (value !== null &&
	                value !== undefined) {                              // Explicit to preserve empty strings

	                target[key] = value;
	            }
	            else if (options.nullOverride) {
	                target[key] = value;
	            }
	        }
	    }

	    return target;
	};
	return merge;
}

var applyToDefaults;
var hasRequiredApplyToDefaults;

function requireApplyToDefaults () {
	if (hasRequiredApplyToDefaults) return applyToDefaults;
	hasRequiredApplyToDefaults = 1;

	const Assert = requireAssert();
	const Clone = requireClone();
	const Merge = requireMerge();
	const Reach = requireReach();


	const internals = {};


	applyToDefaults = function (defaults, source, options = {}) {

	    Assert(defaults && typeof defaults === 'object', 'Invalid defaults value: must be an object');
	    Assert(!source || source === true || typeof source === 'object', 'Invalid source value: must be true, falsy or an object');
	    Assert(typeof options === 'object', 'Invalid options: must be an object');

	    if (!source) {                                                  // If no source, return null
	        return null;
	    }

	    if (options.shallow) {
	        return internals.applyToDefaultsWithShallow(defaults, source, options);
	    }

	    const copy = Clone(defaults);

	    if (source === true) {                                          // If source is set to true, use defaults
	        return copy;
	    }

	    const nullOverride = options.nullOverride !== undefined ? options.nullOverride : false;
	    return Merge(copy, source, { nullOverride, mergeArrays: false });
	};


	internals.applyToDefaultsWithShallow = function (defaults, source, options) {

	    const keys = options.shallow;
	    Assert(Array.isArray(keys), 'Invalid keys');

	    const seen = new Map();
	    const merge = source === true ? null : new Set();

	    for (let key of keys) {
	        key = Array.isArray(key) ? key : key.split('.');            // Pre-split optimization

	        const ref = Reach(defaults, key);
	        if (ref &&
	            typeof ref === 'object') {

	            seen.set(ref, merge && Reach(source, key) || ref);
	        }
	        else if (merge) {
	            merge.add(key);
	        }
	    }

	    const copy = Clone(defaults, {}, seen);

	    if (!merge) {
	        return copy;
	    }

	    for (const key of merge) {
	        internals.reachCopy(copy, source, key);
	    }

	    const nullOverride = options.nullOverride !== undefined ? options.nullOverride : false;
	    return Merge(copy, source, { nullOverride, mergeArrays: false });
	};


	internals.reachCopy = function (dst, src, path) {

	    for (const segment of path) {
	        if (!(segment in src)) {
	            return;
	        }

	        const val = src[segment];

	        if (typeof val !== 'object' || val === null) {
	            return;
	        }

	        src = val;
	    }

	    const value = src;
	    let ref = dst;
	    for (let i = 0; i < path.length - 1; ++i) {
	        const segment = path[i];
	        if (typeof ref[segment] !== 'object') {
	            ref[segment] = {};
	        }

	        ref = ref[segment];
	    }

	    ref[path[path.length - 1]] = value;
	};
	return applyToDefaults;
}

var bench;
var hasRequiredBench;

function requireBench () {
	if (hasRequiredBench) return bench;
	hasRequiredBench = 1;

	const internals = {};


	bench = internals.Bench = class {

	    constructor() {

	        this.ts = 0;
	        this.reset();
	    }

	    reset() {

	        this.ts = internals.Bench.now();
	    }

	    elapsed() {

	        return internals.Bench.now() - this.ts;
	    }

	    static now() {

	        const ts = process.hrtime();
	        return (ts[0] * 1e3) + (ts[1] / 1e6);
	    }
	};
	return bench;
}

var ignore;
var hasRequiredIgnore;

function requireIgnore () {
	if (hasRequiredIgnore) return ignore;
	hasRequiredIgnore = 1;


	ignore = function () { };
	return ignore;
}

var block;
var hasRequiredBlock;

function requireBlock () {
	if (hasRequiredBlock) return block;
	hasRequiredBlock = 1;

	const Ignore = requireIgnore();


	block = function () {

	    return new Promise(Ignore);
	};
	return block;
}

var deepEqual;
var hasRequiredDeepEqual;

function requireDeepEqual () {
	if (hasRequiredDeepEqual) return deepEqual;
	hasRequiredDeepEqual = 1;

	const Types = requireTypes();


	const internals = {
	    mismatched: null
	};


	deepEqual = function (obj, ref, options) {

	    options = Object.assign({ prototype: true }, options);

	    return !!internals.isDeepEqual(obj, ref, options, []);
	};


	internals.isDeepEqual = function (obj, ref, options, seen) {

	    if (obj === ref) {                                                      // Copied from Deep-eql, copyright(c) 2013 Jake Luer, jake@alogicalparadox.com, MIT Licensed, https://github.com/chaijs/deep-eql
	        return obj !== 0 || 1 / obj === 1 / ref;
	    }

	    const type = typeof obj;

	    if (type !== typeof ref) {
	        return false;
	    }

	    if (obj === null ||
	        ref === null) {

	        return false;
	    }

	    if (type === 'function') {
	        if (!options.deepFunction ||
	            obj.toString() !== ref.toString()) {

	            return false;
	        }

	        // Continue as object
	    }
	    else if (type !== 'object') {
	        return obj !== obj && ref !== ref;                                  // NaN
	    }

	    const instanceType = internals.getSharedType(obj, ref, !!options.prototype);
	    switch (instanceType) {
	        case Types.buffer:
	            return Buffer && Buffer.prototype.equals.call(obj, ref);        // $lab:coverage:ignore$
	        case Types.promise:
	            return obj === ref;
	        case Types.regex:
	        case Types.url:
	            return obj.toString() === ref.toString();
	        case internals.mismatched:
	            return false;
	    }

	    for (let i = seen.length - 1; i >= 0; --i) {
	        if (seen[i].isSame(obj, ref)) {
	            return true;                                                    // If previous comparison failed, it would have stopped execution
	        }
	    }

	    seen.push(new internals.SeenEntry(obj, ref));

	    try {
	        return !!internals.isDeepEqualObj(instanceType, obj, ref, options, seen);
	    }
	    finally {
	        seen.pop();
	    }
	};


	internals.getSharedType = function (obj, ref, checkPrototype) {

	    if (checkPrototype) {
	        if (Object.getPrototypeOf(obj) !== Object.getPrototypeOf(ref)) {
	            return internals.mismatched;
	        }

	        return Types.getInternalProto(obj);
	    }

	    const type = Types.getInternalProto(obj);
	    if (type !== Types.getInternalProto(ref)) {
	        return internals.mismatched;
	    }

	    return type;
	};


	internals.valueOf = function (obj) {

	    const objValueOf = obj.valueOf;
	    if (objValueOf === undefined) {
	        return obj;
	    }

	    try {
	        return objValueOf.call(obj);
	    }
	    catch (err) {
	        return err;
	    }
	};


	internals.hasOwnEnumerableProperty = function (obj, key) {

	    return Object.prototype.propertyIsEnumerable.call(obj, key);
	};


	internals.isSetSimpleEqual = function (obj, ref) {

	    for (const entry of Set.prototype.values.call(obj)) {
	        if (!Set.prototype.has.call(ref, entry)) {
	            return false;
	        }
	    }

	    return true;
	};


	internals.isDeepEqualObj = function (instanceType, obj, ref, options, seen) {

	    const { isDeepEqual, valueOf, hasOwnEnumerableProperty } = internals;
	    const { keys, getOwnPropertySymbols } = Object;

	    if (instanceType === Types.array) {
	        if (options.part) {

	            // Check if any index match any other index

	            for (const objValue of obj) {
	                for (const refValue of ref) {
	                    if (isDeepEqual(objValue, refValue, options, seen)) {
	                        return true;
	                    }
	                }
	            }
	        }
	        else {
	            if (obj.length !== ref.length) {
	                return false;
	            }

	            for (let i = 0; i < obj.length; ++i) {
	                if (!isDeepEqual(obj[i], ref[i], options, seen)) {
	                    return false;
	                }
	            }

	            return true;
	        }
	    }
	    else if (instanceType === Types.set) {
	        if (obj.size !== ref.size) {
	            return false;
	        }

	        if (!internals.isSetSimpleEqual(obj, ref)) {

	            // Check for deep equality

	            const ref2 = new Set(Set.prototype.values.call(ref));
	            for (const objEntry of Set.prototype.values.call(obj)) {
	                if (ref2.delete(objEntry)) {
	                    continue;
	                }

	                let found = false;
	                for (const refEntry of ref2) {
	                    if (isDeepEqual(objEntry, refEntry, options, seen)) {
	                        ref2.delete(refEntry);
	                        found = true;
	                        break;
	                    }
	                }

	                if (!found) {
	                    return false;
	                }
	            }
	        }
	    }
	    else if (instanceType === Types.map) {
	        if (obj.size !== ref.size) {
	            return false;
	        }

	        for (const [key, value] of Map.prototype.entries.call(obj)) {
	            if (value === undefined && !Map.prototype.has.call(ref, key)) {
	                return false;
	            }

	            if (!isDeepEqual(value, Map.prototype.get.call(ref, key), options, seen)) {
	                return false;
	            }
	        }
	    }
	    else if (instanceType === Types.error) {

	        // Always check name and message

	        if (obj.name !== ref.name ||
	            obj.message !== ref.message) {

	            return false;
	        }
	    }

	    // Check .valueOf()

	    const valueOfObj = valueOf(obj);
	    const valueOfRef = valueOf(ref);
	    if ((obj !== valueOfObj || ref !== valueOfRef) &&
	        !isDeepEqual(valueOfObj, valueOfRef, options, seen)) {

	        return false;
	    }

	    // Check properties

	    const objKeys = keys(obj);
	    if (!options.part &&
	        objKeys.length !== keys(ref).length &&
	        !options.skip) {

	        return false;
	    }

	    let skipped = 0;
	    for (const key of objKeys) {
	        if (options.skip &&
	            options.skip.includes(key)) {

	            if (ref[key] === undefined) {
	                ++skipped;
	            }

	            continue;
	        }

	        if (!hasOwnEnumerableProperty(ref, key)) {
	            return false;
	        }

	        if (!isDeepEqual(obj[key], ref[key], options, seen)) {
	            return false;
	        }
	    }

	    if (!options.part &&
	        objKeys.length - skipped !== keys(ref).length) {

	        return false;
	    }

	    // Check symbols

	    if (options.symbols !== false) {                                // Defaults to true
	        const objSymbols = getOwnPropertySymbols(obj);
	        const refSymbols = new Set(getOwnPropertySymbols(ref));

	        for (const key of objSymbols) {
	            if (!options.skip?.includes(key)) {

	                if (hasOwnEnumerableProperty(obj, key)) {
	                    if (!hasOwnEnumerableProperty(ref, key)) {
	                        return false;
	                    }

	                    if (!isDeepEqual(obj[key], ref[key], options, seen)) {
	                        return false;
	                    }
	                }
	                else if (hasOwnEnumerableProperty(ref, key)) {
	                    return false;
	                }
	            }

	            refSymbols.delete(key);
	        }

	        for (const key of refSymbols) {
	            if (hasOwnEnumerableProperty(ref, key)) {
	                return false;
	            }
	        }
	    }

	    return true;
	};


	internals.SeenEntry = class {

	    constructor(obj, ref) {

	        this.obj = obj;
	        this.ref = ref;
	    }

	    isSame(obj, ref) {

	        return this.obj === obj && this.ref === ref;
	    }
	};
	return deepEqual;
}

var escapeRegex$1;
var hasRequiredEscapeRegex;

function requireEscapeRegex () {
	if (hasRequiredEscapeRegex) return escapeRegex$1;
	hasRequiredEscapeRegex = 1;


	escapeRegex$1 = function (string) {

	    // Escape ^$.*+-?=!:|\/()[]{},

	    return string.replace(/[\^\$\.\*\+\-\?\=\!\:\|\\\/\(\)\[\]\{\}\,]/g, '\\$&');
	};
	return escapeRegex$1;
}

var contain;
var hasRequiredContain;

function requireContain () {
	if (hasRequiredContain) return contain;
	hasRequiredContain = 1;

	const Assert = requireAssert();
	const DeepEqual = requireDeepEqual();
	const EscapeRegex = requireEscapeRegex();
	const Utils = requireUtils();


	const internals = {};


	contain = function (ref, values, options = {}) {        // options: { deep, once, only, part, symbols }

	    /*
	        string -> string(s)
	        array -> item(s)
	        object -> key(s)
	        object -> object (key:value)
	    */

	    if (typeof values !== 'object') {
	        values = [values];
	    }

	    Assert(!Array.isArray(values) || values.length, 'Values array cannot be empty');

	    // String

	    if (typeof ref === 'string') {
	        return internals.string(ref, values, options);
	    }

	    // Array

	    if (Array.isArray(ref)) {
	        return internals.array(ref, values, options);
	    }

	    // Object

	    Assert(typeof ref === 'object', 'Reference must be string or an object');
	    return internals.object(ref, values, options);
	};


	internals.array = function (ref, values, options) {

	    if (!Array.isArray(values)) {
	        values = [values];
	    }

	    if (!ref.length) {
	        return false;
	    }

	    if (options.only &&
	        options.once &&
	        ref.length !== values.length) {

	        return false;
	    }

	    let compare;

	    // Map values

	    const map = new Map();
	    for (const value of values) {
	        if (!options.deep ||
	            !value ||
	            typeof value !== 'object') {

	            const existing = map.get(value);
	            if (existing) {
	                ++existing.allowed;
	            }
	            else {
	                map.set(value, { allowed: 1, hits: 0 });
	            }
	        }
	        else {
	            compare = compare ?? internals.compare(options);

	            let found = false;
	            for (const [key, existing] of map.entries()) {
	                if (compare(key, value)) {
	                    ++existing.allowed;
	                    found = true;
	                    break;
	                }
	            }

	            if (!found) {
	                map.set(value, { allowed: 1, hits: 0 });
	            }
	        }
	    }

	    // Lookup values

	    let hits = 0;
	    for (const item of ref) {
	        let match;
	        if (!options.deep ||
	            !item ||
	            typeof item !== 'object') {

	            match = map.get(item);
	        }
	        else {
	            compare = compare ?? internals.compare(options);

	            for (const [key, existing] of map.entries()) {
	                if (compare(key, item)) {
	                    match = existing;
	                    break;
	                }
	            }
	        }

	        if (match) {
	            ++match.hits;
	            ++hits;

	            if (options.once &&
	                match.hits > match.allowed) {

	                return false;
	            }
	        }
	    }

	    // Validate results

	    if (options.only &&
	        hits !== ref.length) {

	        return false;
	    }

	    for (const match of map.values()) {
	        if (match.hits === match.allowed) {
	            continue;
	        }

	        if (match.hits < match.allowed &&
	            !options.part) {

	            return false;
	        }
	    }

	    return !!hits;
	};


	internals.object = function (ref, values, options) {

	    Assert(options.once === undefined, 'Cannot use option once with object');

	    const keys = Utils.keys(ref, options);
	    if (!keys.length) {
	        return false;
	    }

	    // Keys list

	    if (Array.isArray(values)) {
	        return internals.array(keys, values, options);
	    }

	    // Key value pairs

	    const symbols = Object.getOwnPropertySymbols(values).filter((sym) => values.propertyIsEnumerable(sym));
	    const targets = [...Object.keys(values), ...symbols];

	    const compare = internals.compare(options);
	    const set = new Set(targets);

	    for (const key of keys) {
	        if (!set.has(key)) {
	            if (options.only) {
	                return false;
	            }

	            continue;
	        }

	        if (!compare(values[key], ref[key])) {
	            return false;
	        }

	        set.delete(key);
	    }

	    if (set.size) {
	        return options.part ? set.size < targets.length : false;
	    }

	    return true;
	};


	internals.string = function (ref, values, options) {

	    // Empty string

	    if (ref === '') {
	        return values.length === 1 && values[0] === '' ||               // '' contains ''
	            !options.once && !values.some((v) => v !== '');             // '' contains multiple '' if !once
	    }

	    // Map values

	    const map = new Map();
	    const patterns = [];

	    for (const value of values) {
	        Assert(typeof value === 'string', 'Cannot compare string reference to non-string value');

	        if (value) {
	            const existing = map.get(value);
	            if (existing) {
	                ++existing.allowed;
	            }
	            else {
	                map.set(value, { allowed: 1, hits: 0 });
	                patterns.push(EscapeRegex(value));
	            }
	        }
	        else if (options.once ||
	            options.only) {

	            return false;
	        }
	    }

	    if (!patterns.length) {                     // Non-empty string contains unlimited empty string
	        return true;
	    }

	    // Match patterns

	    const regex = new RegExp(`(${patterns.join('|')})`, 'g');
	    const leftovers = ref.replace(regex, ($0, $1) => {

	        ++map.get($1).hits;
	        return '';                              // Remove from string
	    });

	    // Validate results

	    if (options.only &&
	        leftovers) {

	        return false;
	    }

	    let any = false;
	    for (const match of map.values()) {
	        if (match.hits) {
	            any = true;
	        }

	        if (match.hits === match.allowed) {
	            continue;
	        }

	        if (match.hits < match.allowed &&
	            !options.part) {

	            return false;
	        }

	        // match.hits > match.allowed

	        if (options.once) {
	            return false;
	        }
	    }

	    return !!any;
	};


	internals.compare = function (options) {

	    if (!options.deep) {
	        return internals.shallow;
	    }

	    const hasOnly = options.only !== undefined;
	    const hasPart = options.part !== undefined;

	    const flags = {
	        prototype: hasOnly ? options.only : hasPart ? !options.part : false,
	        part: hasOnly ? !options.only : hasPart ? options.part : false
	    };

	    return (a, b) => DeepEqual(a, b, flags);
	};


	internals.shallow = function (a, b) {

	    return a === b;
	};
	return contain;
}

var escapeHeaderAttribute;
var hasRequiredEscapeHeaderAttribute;

function requireEscapeHeaderAttribute () {
	if (hasRequiredEscapeHeaderAttribute) return escapeHeaderAttribute;
	hasRequiredEscapeHeaderAttribute = 1;

	const Assert = requireAssert();


	escapeHeaderAttribute = function (attribute) {

	    // Allowed value characters: !#$%&'()*+,-./:;<=>?@[]^_`{|}~ and space, a-z, A-Z, 0-9, \, "

	    Assert(/^[ \w\!#\$%&'\(\)\*\+,\-\.\/\:;<\=>\?@\[\]\^`\{\|\}~\"\\]*$/.test(attribute), 'Bad attribute value (' + attribute + ')');

	    return attribute.replace(/\\/g, '\\\\').replace(/\"/g, '\\"');                             // Escape quotes and slash
	};
	return escapeHeaderAttribute;
}

var escapeHtml;
var hasRequiredEscapeHtml;

function requireEscapeHtml () {
	if (hasRequiredEscapeHtml) return escapeHtml;
	hasRequiredEscapeHtml = 1;

	const internals = {};


	escapeHtml = function (input) {

	    if (!input) {
	        return '';
	    }

	    let escaped = '';

	    for (let i = 0; i < input.length; ++i) {

	        const charCode = input.charCodeAt(i);

	        if (internals.isSafe(charCode)) {
	            escaped += input[i];
	        }
	        else {
	            escaped += internals.escapeHtmlChar(charCode);
	        }
	    }

	    return escaped;
	};


	internals.escapeHtmlChar = function (charCode) {

	    const namedEscape = internals.namedHtml.get(charCode);
	    if (namedEscape) {
	        return namedEscape;
	    }

	    if (charCode >= 256) {
	        return '&#' + charCode + ';';
	    }

	    const hexValue = charCode.toString(16).padStart(2, '0');
	    return `&#x${hexValue};`;
	};


	internals.isSafe = function (charCode) {

	    return internals.safeCharCodes.has(charCode);
	};


	internals.namedHtml = new Map([
	    [38, '&amp;'],
	    [60, '&lt;'],
	    [62, '&gt;'],
	    [34, '&quot;'],
	    [160, '&nbsp;'],
	    [162, '&cent;'],
	    [163, '&pound;'],
	    [164, '&curren;'],
	    [169, '&copy;'],
	    [174, '&reg;']
	]);


	internals.safeCharCodes = (function () {

	    const safe = new Set();

	    for (let i = 32; i < 123; ++i) {

	        if ((i >= 97) ||                    // a-z
	            (i >= 65 && i <= 90) ||         // A-Z
	            (i >= 48 && i <= 57) ||         // 0-9
	            i === 32 ||                     // space
	            i === 46 ||                     // .
	            i === 44 ||                     // ,
	            i === 45 ||                     // -
	            i === 58 ||                     // :
	            i === 95) {                     // _

	            safe.add(i);
	        }
	    }

	    return safe;
	}());
	return escapeHtml;
}

var escapeJson;
var hasRequiredEscapeJson;

function requireEscapeJson () {
	if (hasRequiredEscapeJson) return escapeJson;
	hasRequiredEscapeJson = 1;

	const internals = {};


	escapeJson = function (input) {

	    if (!input) {
	        return '';
	    }

	    return input.replace(/[<>&\u2028\u2029]/g, internals.escape);
	};


	internals.escape = function (char) {

	    return internals.replacements.get(char);
	};


	internals.replacements = new Map([
	    ['<', '\\u003c'],
	    ['>', '\\u003e'],
	    ['&', '\\u0026'],
	    ['\u2028', '\\u2028'],
	    ['\u2029', '\\u2029']
	]);
	return escapeJson;
}

var flatten;
var hasRequiredFlatten;

function requireFlatten () {
	if (hasRequiredFlatten) return flatten;
	hasRequiredFlatten = 1;

	const internals = {};


	flatten = internals.flatten = function (array, target) {

	    const result = target || [];

	    for (const entry of array) {
	        if (Array.isArray(entry)) {
	            internals.flatten(entry, result);
	        }
	        else {
	            result.push(entry);
	        }
	    }

	    return result;
	};
	return flatten;
}

var intersect;
var hasRequiredIntersect;

function requireIntersect () {
	if (hasRequiredIntersect) return intersect;
	hasRequiredIntersect = 1;

	const internals = {};


	intersect = function (array1, array2, options = {}) {

	    if (!array1 ||
	        !array2) {

	        return (options.first ? null : []);
	    }

	    const common = [];
	    const hash = (Array.isArray(array1) ? new Set(array1) : array1);
	    const found = new Set();
	    for (const value of array2) {
	        if (internals.has(hash, value) &&
	            !found.has(value)) {

	            if (options.first) {
	                return value;
	            }

	            common.push(value);
	            found.add(value);
	        }
	    }

	    return (options.first ? null : common);
	};


	internals.has = function (ref, key) {

	    if (typeof ref.has === 'function') {
	        return ref.has(key);
	    }

	    return ref[key] !== undefined;
	};
	return intersect;
}

var isPromise;
var hasRequiredIsPromise;

function requireIsPromise () {
	if (hasRequiredIsPromise) return isPromise;
	hasRequiredIsPromise = 1;


	isPromise = function (promise) {

	    return typeof promise?.then === 'function';
	};
	return isPromise;
}

var once;
var hasRequiredOnce;

function requireOnce () {
	if (hasRequiredOnce) return once;
	hasRequiredOnce = 1;

	const internals = {
	    wrapped: Symbol('wrapped')
	};


	once = function (method) {

	    if (method[internals.wrapped]) {
	        return method;
	    }

	    let once = false;
	    const wrappedFn = function (...args) {

	        if (!once) {
	            once = true;
	            method(...args);
	        }
	    };

	    wrappedFn[internals.wrapped] = true;
	    return wrappedFn;
	};
	return once;
}

var reachTemplate;
var hasRequiredReachTemplate;

function requireReachTemplate () {
	if (hasRequiredReachTemplate) return reachTemplate;
	hasRequiredReachTemplate = 1;

	const Reach = requireReach();


	reachTemplate = function (obj, template, options) {

	    return template.replace(/{([^{}]+)}/g, ($0, chain) => {

	        const value = Reach(obj, chain, options);
	        return value ?? '';
	    });
	};
	return reachTemplate;
}

var wait;
var hasRequiredWait;

function requireWait () {
	if (hasRequiredWait) return wait;
	hasRequiredWait = 1;

	const internals = {
	    maxTimer: 2 ** 31 - 1              // ~25 days
	};


	wait = function (timeout, returnValue, options) {

	    if (typeof timeout === 'bigint') {
	        timeout = Number(timeout);
	    }

	    if (timeout >= Number.MAX_SAFE_INTEGER) {         // Thousands of years
	        timeout = Infinity;
	    }

	    if (typeof timeout !== 'number' && timeout !== undefined) {
	        throw new TypeError('Timeout must be a number or bigint');
	    }

	    return new Promise((resolve) => {

	        const _setTimeout = options ? options.setTimeout : setTimeout;

	        const activate = () => {

	            const time = Math.min(timeout, internals.maxTimer);
	            timeout -= time;
	            _setTimeout(() => (timeout > 0 ? activate() : resolve(returnValue)), time);
	        };

	        if (timeout !== Infinity) {
	            activate();
	        }
	    });
	};
	return wait;
}

var hasRequiredLib$4;

function requireLib$4 () {
	if (hasRequiredLib$4) return lib$4;
	hasRequiredLib$4 = 1;

	lib$4.applyToDefaults = requireApplyToDefaults();

	lib$4.assert = requireAssert();

	lib$4.AssertError = requireAssertError();

	lib$4.Bench = requireBench();

	lib$4.block = requireBlock();

	lib$4.clone = requireClone();

	lib$4.contain = requireContain();

	lib$4.deepEqual = requireDeepEqual();

	lib$4.escapeHeaderAttribute = requireEscapeHeaderAttribute();

	lib$4.escapeHtml = requireEscapeHtml();

	lib$4.escapeJson = requireEscapeJson();

	lib$4.escapeRegex = requireEscapeRegex();

	lib$4.flatten = requireFlatten();

	lib$4.ignore = requireIgnore();

	lib$4.intersect = requireIntersect();

	lib$4.isPromise = requireIsPromise();

	lib$4.merge = requireMerge();

	lib$4.once = requireOnce();

	lib$4.reach = requireReach();

	lib$4.reachTemplate = requireReachTemplate();

	lib$4.stringify = requireStringify();

	lib$4.wait = requireWait();
	return lib$4;
}

var cache = {};

var common = {};

const version$1 = "18.3.2";
const require$$1$1 = {
  version: version$1};

var schemas = {};

var hasRequiredSchemas;

function requireSchemas () {
	if (hasRequiredSchemas) return schemas;
	hasRequiredSchemas = 1;

	const Joi = requireLib();


	const internals = {};


	// Preferences

	internals.wrap = Joi.string()
	    .min(1)
	    .max(2)
	    .allow(false);


	schemas.preferences = Joi.object({
	    allowUnknown: Joi.boolean(),
	    abortEarly: Joi.boolean(),
	    artifacts: Joi.boolean(),
	    cache: Joi.boolean(),
	    context: Joi.object(),
	    convert: Joi.boolean(),
	    dateFormat: Joi.valid('date', 'iso', 'string', 'time', 'utc'),
	    debug: Joi.boolean(),
	    errors: {
	        escapeHtml: Joi.boolean(),
	        label: Joi.valid('path', 'key', false),
	        language: [
	            Joi.string(),
	            Joi.object().ref()
	        ],
	        render: Joi.boolean(),
	        stack: Joi.boolean(),
	        wrap: {
	            label: internals.wrap,
	            array: internals.wrap,
	            string: internals.wrap
	        }
	    },
	    externals: Joi.boolean(),
	    messages: Joi.object(),
	    noDefaults: Joi.boolean(),
	    nonEnumerables: Joi.boolean(),
	    presence: Joi.valid('required', 'optional', 'forbidden'),
	    skipFunctions: Joi.boolean(),
	    stripUnknown: Joi.object({
	        arrays: Joi.boolean(),
	        objects: Joi.boolean()
	    })
	        .or('arrays', 'objects')
	        .allow(true, false),
	    warnings: Joi.boolean()
	})
	    .strict();


	// Extensions

	internals.nameRx = /^[a-zA-Z0-9]\w*$/;


	internals.hook = Joi.function().maxArity(3);


	internals.rule = Joi.object({
	    alias: Joi.array().items(Joi.string().pattern(internals.nameRx)).single(),
	    args: Joi.array().items(
	        Joi.string(),
	        Joi.object({
	            name: Joi.string().pattern(internals.nameRx).required(),
	            ref: Joi.boolean(),
	            assert: Joi.alternatives([
	                Joi.function(),
	                Joi.object().schema()
	            ])
	                .conditional('ref', { is: true, then: Joi.required() }),
	            normalize: Joi.function(),
	            message: Joi.string().when('assert', { is: Joi.function(), then: Joi.required() })
	        })
	    ),
	    convert: Joi.boolean(),
	    manifest: Joi.boolean(),
	    method: Joi.function().allow(false),
	    multi: Joi.boolean(),
	    validate: Joi.function(),
	    jsonSchema: Joi.function()
	});


	schemas.extension = Joi.object({
	    type: Joi.alternatives([
	        Joi.string(),
	        Joi.object().regex()
	    ])
	        .required(),
	    args: Joi.function(),
	    cast: Joi.object().pattern(internals.nameRx, Joi.object({
	        from: Joi.function().maxArity(1).required(),
	        to: Joi.function().minArity(1).maxArity(2).required()
	    })),
	    base: Joi.object().schema()
	        .when('type', { is: Joi.object().regex(), then: Joi.forbidden() }),
	    coerce: [
	        internals.hook,
	        Joi.object({ method: internals.hook.required(), from: Joi.array().items(Joi.string()).single() })
	    ],
	    flags: Joi.object().pattern(internals.nameRx, Joi.object({
	        setter: Joi.string(),
	        default: Joi.any()
	    })),
	    manifest: {
	        build: Joi.function().arity(2)
	    },
	    messages: [Joi.object(), Joi.string()],
	    modifiers: Joi.object().pattern(internals.nameRx, Joi.function().minArity(1).maxArity(2)),
	    overrides: Joi.object().pattern(internals.nameRx, Joi.function()),
	    prepare: [
	        internals.hook,
	        Joi.object({ method: internals.hook.required(), undefined: Joi.boolean() })
	    ],
	    rebuild: Joi.function().arity(1),
	    rules: Joi.object().pattern(internals.nameRx, internals.rule),
	    jsonSchema: Joi.function(),
	    terms: Joi.object().pattern(internals.nameRx, Joi.object({
	        init: Joi.array().allow(null).required(),
	        manifest: Joi.object().pattern(/.+/, [
	            Joi.valid('schema', 'single'),
	            Joi.object({
	                mapped: Joi.object({
	                    from: Joi.string().required(),
	                    to: Joi.string().required()
	                })
	                    .required()
	            })
	        ])
	    })),
	    validate: internals.hook
	})
	    .strict();


	schemas.extensions = Joi.array().items(Joi.object(), Joi.function().arity(1)).strict();


	// Manifest

	internals.desc = {

	    buffer: Joi.object({
	        buffer: Joi.string()
	    }),

	    func: Joi.object({
	        function: Joi.function().required(),
	        options: {
	            literal: true
	        }
	    }),

	    override: Joi.object({
	        override: true
	    }),

	    ref: Joi.object({
	        ref: Joi.object({
	            type: Joi.valid('value', 'global', 'local'),
	            path: Joi.array().required(),
	            separator: Joi.string().length(1).allow(false),
	            ancestor: Joi.number().min(0).integer().allow('root'),
	            map: Joi.array().items(Joi.array().length(2)).min(1),
	            adjust: Joi.function(),
	            iterables: Joi.boolean(),
	            in: Joi.boolean(),
	            render: Joi.boolean()
	        })
	            .required()
	    }),

	    regex: Joi.object({
	        regex: Joi.string().min(3)
	    }),

	    special: Joi.object({
	        special: Joi.valid('deep').required()
	    }),

	    template: Joi.object({
	        template: Joi.string().required(),
	        options: Joi.object()
	    }),

	    value: Joi.object({
	        value: Joi.alternatives([Joi.object(), Joi.array()]).required()
	    })
	};


	internals.desc.entity = Joi.alternatives([
	    Joi.array().items(Joi.link('...')),
	    Joi.boolean(),
	    Joi.function(),
	    Joi.number(),
	    Joi.string(),
	    internals.desc.buffer,
	    internals.desc.func,
	    internals.desc.ref,
	    internals.desc.regex,
	    internals.desc.special,
	    internals.desc.template,
	    internals.desc.value,
	    Joi.link('/')
	]);


	internals.desc.values = Joi.array()
	    .items(
	        null,
	        Joi.boolean(),
	        Joi.function(),
	        Joi.number().allow(Infinity, -Infinity, NaN),
	        Joi.string().allow(''),
	        Joi.symbol(),
	        internals.desc.buffer,
	        internals.desc.func,
	        internals.desc.override,
	        internals.desc.ref,
	        internals.desc.regex,
	        internals.desc.template,
	        internals.desc.value
	    );


	internals.desc.messages = Joi.object()
	    .pattern(/.+/, [
	        Joi.string(),
	        internals.desc.template,
	        Joi.object().pattern(/.+/, [Joi.string(), internals.desc.template])
	    ]);


	schemas.description = Joi.object({
	    type: Joi.string().required(),
	    flags: Joi.object({
	        cast: Joi.string(),
	        default: Joi.any(),
	        description: Joi.string(),
	        empty: Joi.link('/'),
	        failover: internals.desc.entity,
	        id: Joi.string(),
	        label: Joi.string(),
	        only: true,
	        presence: ['optional', 'required', 'forbidden'],
	        result: ['raw', 'strip'],
	        strip: Joi.boolean(),
	        unit: Joi.string()
	    })
	        .unknown(),
	    preferences: {
	        allowUnknown: Joi.boolean(),
	        abortEarly: Joi.boolean(),
	        artifacts: Joi.boolean(),
	        cache: Joi.boolean(),
	        convert: Joi.boolean(),
	        dateFormat: ['date', 'iso', 'string', 'time', 'utc'],
	        errors: {
	            escapeHtml: Joi.boolean(),
	            label: ['path', 'key'],
	            language: [
	                Joi.string(),
	                internals.desc.ref
	            ],
	            wrap: {
	                label: internals.wrap,
	                array: internals.wrap
	            }
	        },
	        externals: Joi.boolean(),
	        messages: internals.desc.messages,
	        noDefaults: Joi.boolean(),
	        nonEnumerables: Joi.boolean(),
	        presence: ['required', 'optional', 'forbidden'],
	        skipFunctions: Joi.boolean(),
	        stripUnknown: Joi.object({
	            arrays: Joi.boolean(),
	            objects: Joi.boolean()
	        })
	            .or('arrays', 'objects')
	            .allow(true, false),
	        warnings: Joi.boolean()
	    },
	    allow: internals.desc.values,
	    invalid: internals.desc.values,
	    rules: Joi.array().min(1).items({
	        name: Joi.string().required(),
	        args: Joi.object().min(1),
	        keep: Joi.boolean(),
	        message: [
	            Joi.string(),
	            internals.desc.messages
	        ],
	        warn: Joi.boolean()
	    }),

	    // Terms

	    keys: Joi.object().pattern(/.*/, Joi.link('/')),
	    link: internals.desc.ref
	})
	    .pattern(/^[a-z]\w*$/, Joi.any());
	return schemas;
}

var messages = {};

var template = {exports: {}};

var lib$3 = {};

var hasRequiredLib$3;

function requireLib$3 () {
	if (hasRequiredLib$3) return lib$3;
	hasRequiredLib$3 = 1;
	(function (exports) {

		const internals = {
		    operators: ['!', '^', '*', '/', '%', '+', '-', '<', '<=', '>', '>=', '==', '!=', '&&', '||', '??'],
		    operatorCharacters: ['!', '^', '*', '/', '%', '+', '-', '<', '=', '>', '&', '|', '?'],
		    operatorsOrder: [['^'], ['*', '/', '%'], ['+', '-'], ['<', '<=', '>', '>='], ['==', '!='], ['&&'], ['||', '??']],
		    operatorsPrefix: ['!', 'n'],

		    literals: {
		        '"': '"',
		        '`': '`',
		        '\'': '\'',
		        '[': ']'
		    },

		    numberRx: /^(?:[0-9]*(\.[0-9]*)?){1}$/,
		    tokenRx: /^[\w\$\#\.\@\:\{\}]+$/,

		    symbol: Symbol('formula'),
		    settings: Symbol('settings')
		};


		exports.Parser = class {

		    constructor(string, options = {}) {

		        if (!options[internals.settings] &&
		            options.constants) {

		            for (const constant in options.constants) {
		                const value = options.constants[constant];
		                if (value !== null &&
		                    !['boolean', 'number', 'string'].includes(typeof value)) {

		                    throw new Error(`Formula constant ${constant} contains invalid ${typeof value} value type`);
		                }
		            }
		        }

		        this.settings = options[internals.settings] ? options : Object.assign({ [internals.settings]: true, constants: {}, functions: {} }, options);
		        this.single = null;

		        this._parts = null;
		        this._parse(string);
		    }

		    _parse(string) {

		        let parts = [];
		        let current = '';
		        let parenthesis = 0;
		        let literal = false;

		        const flush = (inner) => {

		            if (parenthesis) {
		                throw new Error('Formula missing closing parenthesis');
		            }

		            const last = parts.length ? parts[parts.length - 1] : null;

		            if (!literal &&
		                !current &&
		                !inner) {

		                return;
		            }

		            if (last &&
		                last.type === 'reference' &&
		                inner === ')') {                                                                // Function

		                last.type = 'function';
		                last.value = this._subFormula(current, last.value);
		                current = '';
		                return;
		            }

		            if (inner === ')') {                                                                // Segment
		                const sub = new exports.Parser(current, this.settings);
		                parts.push({ type: 'segment', value: sub });
		            }
		            else if (literal) {
		                if (literal === ']') {                                                          // Reference
		                    parts.push({ type: 'reference', value: current });
		                    current = '';
		                    return;
		                }

		                parts.push({ type: 'literal', value: current });                                // Literal
		            }
		            else if (internals.operatorCharacters.includes(current)) {                          // Operator
		                if (last &&
		                    last.type === 'operator' &&
		                    internals.operators.includes(last.value + current)) {                       // 2 characters operator

		                    last.value += current;
		                }
		                else {
		                    parts.push({ type: 'operator', value: current });
		                }
		            }
		            else if (current.match(internals.numberRx)) {                                       // Number
		                parts.push({ type: 'constant', value: parseFloat(current) });
		            }
		            else if (this.settings.constants[current] !== undefined) {                          // Constant
		                parts.push({ type: 'constant', value: this.settings.constants[current] });
		            }
		            else {                                                                              // Reference
		                if (!current.match(internals.tokenRx)) {
		                    throw new Error(`Formula contains invalid token: ${current}`);
		                }

		                parts.push({ type: 'reference', value: current });
		            }

		            current = '';
		        };

		        for (const c of string) {
		            if (literal) {
		                if (c === literal) {
		                    flush();
		                    literal = false;
		                }
		                else {
		                    current += c;
		                }
		            }
		            else if (parenthesis) {
		                if (c === '(') {
		                    current += c;
		                    ++parenthesis;
		                }
		                else if (c === ')') {
		                    --parenthesis;
		                    if (!parenthesis) {
		                        flush(c);
		                    }
		                    else {
		                        current += c;
		                    }
		                }
		                else {
		                    current += c;
		                }
		            }
		            else if (c in internals.literals) {
		                literal = internals.literals[c];
		            }
		            else if (c === '(') {
		                flush();
		                ++parenthesis;
		            }
		            else if (internals.operatorCharacters.includes(c)) {
		                flush();
		                current = c;
		                flush();
		            }
		            else if (c !== ' ') {
		                current += c;
		            }
		            else {
		                flush();
		            }
		        }

		        flush();

		        // Replace prefix - to internal negative operator

		        parts = parts.map((part, i) => {

		            if (part.type !== 'operator' ||
		                part.value !== '-' ||
		                i && parts[i - 1].type !== 'operator') {

		                return part;
		            }

		            return { type: 'operator', value: 'n' };
		        });

		        // Validate tokens order

		        let operator = false;
		        for (const part of parts) {
		            if (part.type === 'operator') {
		                if (internals.operatorsPrefix.includes(part.value)) {
		                    continue;
		                }

		                if (!operator) {
		                    throw new Error('Formula contains an operator in invalid position');
		                }

		                if (!internals.operators.includes(part.value)) {
		                    throw new Error(`Formula contains an unknown operator ${part.value}`);
		                }
		            }
		            else if (operator) {
		                throw new Error('Formula missing expected operator');
		            }

		            operator = !operator;
		        }

		        if (!operator) {
		            throw new Error('Formula contains invalid trailing operator');
		        }

		        // Identify single part

		        if (parts.length === 1 &&
		            ['reference', 'literal', 'constant'].includes(parts[0].type)) {

		            this.single = { type: parts[0].type === 'reference' ? 'reference' : 'value', value: parts[0].value };
		        }

		        // Process parts

		        this._parts = parts.map((part) => {

		            // Operators

		            if (part.type === 'operator') {
		                return internals.operatorsPrefix.includes(part.value) ? part : part.value;
		            }

		            // Literals, constants, segments

		            if (part.type !== 'reference') {
		                return part.value;
		            }

		            // References

		            if (this.settings.tokenRx &&
		                !this.settings.tokenRx.test(part.value)) {

		                throw new Error(`Formula contains invalid reference ${part.value}`);
		            }

		            if (this.settings.reference) {
		                return this.settings.reference(part.value);
		            }

		            return internals.reference(part.value);
		        });
		    }

		    _subFormula(string, name) {

		        const method = this.settings.functions[name];
		        if (typeof method !== 'function') {
		            throw new Error(`Formula contains unknown function ${name}`);
		        }

		        let args = [];
		        if (string) {
		            let current = '';
		            let parenthesis = 0;
		            let literal = false;

		            const flush = () => {

		                if (!current) {
		                    throw new Error(`Formula contains function ${name} with invalid arguments ${string}`);
		                }

		                args.push(current);
		                current = '';
		            };

		            for (let i = 0; i < string.length; ++i) {
		                const c = string[i];
		                if (literal) {
		                    current += c;
		                    if (c === literal) {
		                        literal = false;
		                    }
		                }
		                else if (c in internals.literals &&
		                    !parenthesis) {

		                    current += c;
		                    literal = internals.literals[c];
		                }
		                else if (c === ',' &&
		                    !parenthesis) {

		                    flush();
		                }
		                else {
		                    current += c;
		                    if (c === '(') {
		                        ++parenthesis;
		                    }
		                    else if (c === ')') {
		                        --parenthesis;
		                    }
		                }
		            }

		            flush();
		        }

		        args = args.map((arg) => new exports.Parser(arg, this.settings));

		        return function (context) {

		            const innerValues = [];
		            for (const arg of args) {
		                innerValues.push(arg.evaluate(context));
		            }

		            return method.call(context, ...innerValues);
		        };
		    }

		    evaluate(context) {

		        const parts = this._parts.slice();

		        // Prefix operators

		        for (let i = parts.length - 2; i >= 0; --i) {
		            const part = parts[i];
		            if (part &&
		                part.type === 'operator') {

		                const current = parts[i + 1];
		                parts.splice(i + 1, 1);
		                const value = internals.evaluate(current, context);
		                parts[i] = internals.single(part.value, value);
		            }
		        }

		        // Left-right operators

		        internals.operatorsOrder.forEach((set) => {

		            for (let i = 1; i < parts.length - 1;) {
		                if (set.includes(parts[i])) {
		                    const operator = parts[i];
		                    const left = internals.evaluate(parts[i - 1], context);
		                    const right = internals.evaluate(parts[i + 1], context);

		                    parts.splice(i, 2);
		                    const result = internals.calculate(operator, left, right);
		                    parts[i - 1] = result === 0 ? 0 : result;                               // Convert -0
		                }
		                else {
		                    i += 2;
		                }
		            }
		        });

		        return internals.evaluate(parts[0], context);
		    }
		};


		exports.Parser.prototype[internals.symbol] = true;


		internals.reference = function (name) {

		    return function (context) {

		        return context && context[name] !== undefined ? context[name] : null;
		    };
		};


		internals.evaluate = function (part, context) {

		    if (part === null) {
		        return null;
		    }

		    if (typeof part === 'function') {
		        return part(context);
		    }

		    if (part[internals.symbol]) {
		        return part.evaluate(context);
		    }

		    return part;
		};


		internals.single = function (operator, value) {

		    if (operator === '!') {
		        return value ? false : true;
		    }

		    // operator === 'n'

		    const negative = -value;
		    if (negative === 0) {       // Override -0
		        return 0;
		    }

		    return negative;
		};


		internals.calculate = function (operator, left, right) {

		    if (operator === '??') {
		        return internals.exists(left) ? left : right;
		    }

		    if (typeof left === 'string' ||
		        typeof right === 'string') {

		        if (operator === '+') {
		            left = internals.exists(left) ? left : '';
		            right = internals.exists(right) ? right : '';
		            return left + right;
		        }
		    }
		    else {
		        switch (operator) {
		            case '^': return Math.pow(left, right);
		            case '*': return left * right;
		            case '/': return left / right;
		            case '%': return left % right;
		            case '+': return left + right;
		            case '-': return left - right;
		        }
		    }

		    switch (operator) {
		        case '<': return left < right;
		        case '<=': return left <= right;
		        case '>': return left > right;
		        case '>=': return left >= right;
		        case '==': return left === right;
		        case '!=': return left !== right;
		        case '&&': return left && right;
		        case '||': return left || right;
		    }

		    return null;
		};


		internals.exists = function (value) {

		    return value !== null && value !== undefined;
		}; 
	} (lib$3));
	return lib$3;
}

var errors = {};

var annotate = {};

var hasRequiredAnnotate;

function requireAnnotate () {
	if (hasRequiredAnnotate) return annotate;
	hasRequiredAnnotate = 1;

	const { clone } = requireLib$4();

	const Common = requireCommon();


	const internals = {
	    annotations: Symbol('annotations')
	};


	annotate.error = function (stripColorCodes) {

	    if (!this._original ||
	        typeof this._original !== 'object') {

	        return this.details[0].message;
	    }

	    const redFgEscape = stripColorCodes ? '' : '\u001b[31m';
	    const redBgEscape = stripColorCodes ? '' : '\u001b[41m';
	    const endColor = stripColorCodes ? '' : '\u001b[0m';

	    const obj = clone(this._original);

	    for (let i = this.details.length - 1; i >= 0; --i) {        // Reverse order to process deepest child first
	        const pos = i + 1;
	        const error = this.details[i];
	        const path = error.path;
	        let node = obj;
	        for (let j = 0; ; ++j) {
	            const seg = path[j];

	            if (Common.isSchema(node)) {
	                node = node.clone();                              // joi schemas are not cloned by hoek, we have to take this extra step
	            }

	            if (j + 1 < path.length &&
	                typeof node[seg] !== 'string') {

	                node = node[seg];
	            }
	            else {
	                const refAnnotations = node[internals.annotations] || { errors: {}, missing: {} };
	                node[internals.annotations] = refAnnotations;

	                const cacheKey = seg || error.context.key;

	                if (node[seg] !== undefined) {
	                    refAnnotations.errors[cacheKey] = refAnnotations.errors[cacheKey] || [];
	                    refAnnotations.errors[cacheKey].push(pos);
	                }
	                else {
	                    refAnnotations.missing[cacheKey] = pos;
	                }

	                break;
	            }
	        }
	    }

	    const replacers = {
	        key: /_\$key\$_([, \d]+)_\$end\$_"/g,
	        missing: /"_\$miss\$_([^|]+)\|(\d+)_\$end\$_": "__missing__"/g,
	        arrayIndex: /\s*"_\$idx\$_([, \d]+)_\$end\$_",?\n(.*)/g,
	        specials: /"\[(NaN|Symbol.*|-?Infinity|function.*|\(.*)]"/g
	    };

	    let message = internals.safeStringify(obj, 2)
	        .replace(replacers.key, ($0, $1) => `" ${redFgEscape}[${$1}]${endColor}`)
	        .replace(replacers.missing, ($0, $1, $2) => `${redBgEscape}"${$1}"${endColor}${redFgEscape} [${$2}]: -- missing --${endColor}`)
	        .replace(replacers.arrayIndex, ($0, $1, $2) => `\n${$2} ${redFgEscape}[${$1}]${endColor}`)
	        .replace(replacers.specials, ($0, $1) => $1);

	    message = `${message}\n${redFgEscape}`;

	    for (let i = 0; i < this.details.length; ++i) {
	        const pos = i + 1;
	        message = `${message}\n[${pos}] ${this.details[i].message}`;
	    }

	    message = message + endColor;

	    return message;
	};


	// Inspired by json-stringify-safe

	internals.safeStringify = function (obj, spaces) {

	    return JSON.stringify(obj, internals.serializer(), spaces);
	};


	internals.serializer = function () {

	    const keys = [];
	    const stack = [];

	    const cycleReplacer = (key, value) => {

	        if (stack[0] === value) {
	            return '[Circular ~]';
	        }

	        return '[Circular ~.' + keys.slice(0, stack.indexOf(value)).join('.') + ']';
	    };

	    return function (key, value) {

	        if (stack.length > 0) {
	            const thisPos = stack.indexOf(this);
	            if (~thisPos) {
	                stack.length = thisPos + 1;
	                keys.length = thisPos + 1;
	                keys[thisPos] = key;
	            }
	            else {
	                stack.push(this);
	                keys.push(key);
	            }

	            if (~stack.indexOf(value)) {
	                value = cycleReplacer.call(this, key, value);
	            }
	        }
	        else {
	            stack.push(value);
	        }

	        if (value) {
	            const annotations = value[internals.annotations];
	            if (annotations) {
	                if (Array.isArray(value)) {
	                    const annotated = [];

	                    for (let i = 0; i < value.length; ++i) {
	                        if (annotations.errors[i]) {
	                            annotated.push(`_$idx$_${annotations.errors[i].sort().join(', ')}_$end$_`);
	                        }

	                        annotated.push(value[i]);
	                    }

	                    value = annotated;
	                }
	                else {
	                    for (const errorKey of Object.keys(annotations.errors)) {
	                        value[`${errorKey}_$key$_${annotations.errors[errorKey].sort().join(', ')}_$end$_`] = value[errorKey];
	                        value[errorKey] = undefined;
	                    }

	                    for (const missingKey of Object.keys(annotations.missing)) {
	                        value[`_$miss$_${missingKey}|${annotations.missing[missingKey]}_$end$_`] = '__missing__';
	                    }
	                }

	                return value;
	            }
	        }

	        if (value === Infinity ||
	            value === -Infinity ||
	            Number.isNaN(value) ||
	            typeof value === 'function' ||
	            typeof value === 'symbol') {

	            return '[' + value.toString() + ']';
	        }

	        return value;
	    };
	};
	return annotate;
}

var hasRequiredErrors;

function requireErrors () {
	if (hasRequiredErrors) return errors;
	hasRequiredErrors = 1;
	(function (exports) {

		const Annotate = requireAnnotate();
		const Common = requireCommon();
		const Template = requireTemplate();


		exports.Report = class {

		    constructor(code, value, local, flags, messages, state, prefs) {

		        this.code = code;
		        this.flags = flags;
		        this.messages = messages;
		        this.path = state.path;
		        this.prefs = prefs;
		        this.state = state;
		        this.value = value;

		        this.message = null;
		        this.template = null;

		        this.local = local || {};
		        this.local.label = exports.label(this.flags, this.state, this.prefs, this.messages);

		        if (this.value !== undefined &&
		            !this.local.hasOwnProperty('value')) {

		            this.local.value = this.value;
		        }

		        if (this.path.length) {
		            const key = this.path[this.path.length - 1];
		            if (typeof key !== 'object') {
		                this.local.key = key;
		            }
		        }
		    }

		    _setTemplate(template) {

		        this.template = template;

		        if (!this.flags.label &&
		            this.path.length === 0) {

		            const localized = this._template(this.template, 'root');
		            if (localized) {
		                this.local.label = localized;
		            }
		        }
		    }

		    toString() {

		        if (this.message) {
		            return this.message;
		        }

		        const code = this.code;

		        if (!this.prefs.errors.render) {
		            return this.code;
		        }

		        const template = this._template(this.template) ||
		            this._template(this.prefs.messages) ||
		            this._template(this.messages);

		        if (template === undefined) {
		            return `Error code "${code}" is not defined, your custom type is missing the correct messages definition`;
		        }

		        // Render and cache result

		        this.message = template.render(this.value, this.state, this.prefs, this.local, { errors: this.prefs.errors, messages: [this.prefs.messages, this.messages] });
		        if (!this.prefs.errors.label) {
		            this.message = this.message.replace(/^"" /, '').trim();
		        }

		        return this.message;
		    }

		    _template(messages, code) {

		        return exports.template(this.value, messages, code || this.code, this.state, this.prefs);
		    }
		};


		exports.path = function (path) {

		    let label = '';
		    for (const segment of path) {
		        if (typeof segment === 'object') {          // Exclude array single path segment
		            continue;
		        }

		        if (typeof segment === 'string') {
		            if (label) {
		                label += '.';
		            }

		            label += segment;
		        }
		        else {
		            label += `[${segment}]`;
		        }
		    }

		    return label;
		};


		exports.template = function (value, messages, code, state, prefs) {

		    if (!messages) {
		        return;
		    }

		    if (Template.isTemplate(messages)) {
		        return code !== 'root' ? messages : null;
		    }

		    let lang = prefs.errors.language;
		    if (Common.isResolvable(lang)) {
		        lang = lang.resolve(value, state, prefs);
		    }

		    if (lang &&
		        messages[lang]) {

		        if (messages[lang][code] !== undefined) {
		            return messages[lang][code];
		        }

		        if (messages[lang]['*'] !== undefined) {
		            return messages[lang]['*'];
		        }
		    }

		    if (!messages[code]) {
		        return messages['*'];
		    }

		    return messages[code];
		};


		exports.label = function (flags, state, prefs, messages) {

		    if (!prefs.errors.label) {
		        return '';
		    }

		    if (flags.label) {
		        return flags.label;
		    }

		    let path = state.path;
		    if (prefs.errors.label === 'key' &&
		        state.path.length > 1) {

		        path = state.path.slice(-1);
		    }

		    const normalized = exports.path(path);
		    if (normalized) {
		        return normalized;
		    }

		    return exports.template(null, prefs.messages, 'root', state, prefs) ||
		        messages && exports.template(null, messages, 'root', state, prefs) ||
		        'value';
		};


		exports.process = function (errors, original, prefs) {

		    if (!errors) {
		        return null;
		    }

		    const { override, message, details } = exports.details(errors);
		    if (override) {
		        return override;
		    }

		    if (prefs.errors.stack) {
		        return new exports.ValidationError(message, details, original);
		    }

		    const limit = Error.stackTraceLimit;
		    Error.stackTraceLimit = 0;
		    const validationError = new exports.ValidationError(message, details, original);
		    Error.stackTraceLimit = limit;
		    return validationError;
		};


		exports.details = function (errors, options = {}) {

		    let messages = [];
		    const details = [];

		    for (const item of errors) {

		        // Override

		        if (item instanceof Error) {
		            if (options.override !== false) {
		                return { override: item };
		            }

		            const message = item.toString();
		            messages.push(message);

		            details.push({
		                message,
		                type: 'override',
		                context: { error: item }
		            });

		            continue;
		        }

		        // Report

		        const message = item.toString();
		        messages.push(message);

		        details.push({
		            message,
		            path: item.path.filter((v) => typeof v !== 'object'),
		            type: item.code,
		            context: item.local
		        });
		    }

		    if (messages.length > 1) {
		        messages = [...new Set(messages)];
		    }

		    return { message: messages.join('. '), details };
		};


		exports.ValidationError = class extends Error {

		    constructor(message, details, original) {

		        super(message);
		        this._original = original;
		        this.details = details;
		    }

		    static isError(err) {

		        return err instanceof exports.ValidationError;
		    }
		};


		exports.ValidationError.prototype.isJoi = true;

		exports.ValidationError.prototype.name = 'ValidationError';

		exports.ValidationError.prototype.annotate = Annotate.error; 
	} (errors));
	return errors;
}

var ref = {};

var hasRequiredRef;

function requireRef () {
	if (hasRequiredRef) return ref;
	hasRequiredRef = 1;
	(function (exports) {

		const { assert, reach } = requireLib$4();

		const Common = requireCommon();

		let Template;


		const internals = {
		    symbol: Symbol('ref'),      // Used to internally identify references (shared with other joi versions)
		    defaults: {
		        adjust: null,
		        in: false,
		        iterables: null,
		        map: null,
		        separator: '.',
		        type: 'value'
		    }
		};


		exports.create = function (key, options = {}) {

		    assert(typeof key === 'string', 'Invalid reference key:', key);
		    Common.assertOptions(options, ['adjust', 'ancestor', 'in', 'iterables', 'map', 'prefix', 'render', 'separator']);
		    assert(!options.prefix || typeof options.prefix === 'object', 'options.prefix must be of type object');

		    const ref = Object.assign({}, internals.defaults, options);
		    delete ref.prefix;

		    const separator = ref.separator;
		    const context = internals.context(key, separator, options.prefix);
		    ref.type = context.type;
		    key = context.key;

		    if (ref.type === 'value') {
		        if (context.root) {
		            assert(!separator || key[0] !== separator, 'Cannot specify relative path with root prefix');
		            ref.ancestor = 'root';
		            if (!key) {
		                key = null;
		            }
		        }

		        if (separator &&
		            separator === key) {

		            key = null;
		            ref.ancestor = 0;
		        }
		        else {
		            if (ref.ancestor !== undefined) {
		                assert(!separator || !key || key[0] !== separator, 'Cannot combine prefix with ancestor option');
		            }
		            else {
		                const [ancestor, slice] = internals.ancestor(key, separator);
		                if (slice) {
		                    key = key.slice(slice);
		                    if (key === '') {
		                        key = null;
		                    }
		                }

		                ref.ancestor = ancestor;
		            }
		        }
		    }

		    ref.path = separator ? (key === null ? [] : key.split(separator)) : [key];

		    return new internals.Ref(ref);
		};


		exports.in = function (key, options = {}) {

		    return exports.create(key, { ...options, in: true });
		};


		exports.isRef = function (ref) {

		    return ref ? !!ref[Common.symbols.ref] : false;
		};


		internals.Ref = class {

		    constructor(options) {

		        assert(typeof options === 'object', 'Invalid reference construction');
		        Common.assertOptions(options, [
		            'adjust', 'ancestor', 'in', 'iterables', 'map', 'path', 'render', 'separator', 'type',  // Copied
		            'depth', 'key', 'root', 'display'                                                       // Overridden
		        ]);

		        assert([false, undefined].includes(options.separator) || typeof options.separator === 'string' && options.separator.length === 1, 'Invalid separator');
		        assert(!options.adjust || typeof options.adjust === 'function', 'options.adjust must be a function');
		        assert(!options.map || Array.isArray(options.map), 'options.map must be an array');
		        assert(!options.map || !options.adjust, 'Cannot set both map and adjust options');

		        Object.assign(this, internals.defaults, options);

		        assert(this.type === 'value' || this.ancestor === undefined, 'Non-value references cannot reference ancestors');

		        if (Array.isArray(this.map)) {
		            this.map = new Map(this.map);
		        }

		        this.depth = this.path.length;
		        this.key = this.path.length ? this.path.join(this.separator) : null;
		        this.root = this.path[0];

		        this.updateDisplay();
		    }

		    resolve(value, state, prefs, local, options = {}) {

		        assert(!this.in || options.in, 'Invalid in() reference usage');

		        if (this.type === 'global') {
		            return this._resolve(prefs.context, state, options);
		        }

		        if (this.type === 'local') {
		            return this._resolve(local, state, options);
		        }

		        if (!this.ancestor) {
		            return this._resolve(value, state, options);
		        }

		        if (this.ancestor === 'root') {
		            return this._resolve(state.ancestors[state.ancestors.length - 1], state, options);
		        }

		        assert(this.ancestor <= state.ancestors.length, 'Invalid reference exceeds the schema root:', this.display);
		        return this._resolve(state.ancestors[this.ancestor - 1], state, options);
		    }

		    _resolve(target, state, options) {

		        let resolved;

		        if (this.type === 'value' &&
		            state.mainstay.shadow &&
		            options.shadow !== false) {

		            resolved = state.mainstay.shadow.get(this.absolute(state));
		        }

		        if (resolved === undefined) {
		            resolved = reach(target, this.path, { iterables: this.iterables, functions: true });
		        }

		        if (this.adjust) {
		            resolved = this.adjust(resolved);
		        }

		        if (this.map) {
		            const mapped = this.map.get(resolved);
		            if (mapped !== undefined) {
		                resolved = mapped;
		            }
		        }

		        if (state.mainstay) {
		            state.mainstay.tracer.resolve(state, this, resolved);
		        }

		        return resolved;
		    }

		    toString() {

		        return this.display;
		    }

		    absolute(state) {

		        return [...state.path.slice(0, -this.ancestor), ...this.path];
		    }

		    clone() {

		        return new internals.Ref(this);
		    }

		    describe() {

		        const ref = { path: this.path };

		        if (this.type !== 'value') {
		            ref.type = this.type;
		        }

		        if (this.separator !== '.') {
		            ref.separator = this.separator;
		        }

		        if (this.type === 'value' &&
		            this.ancestor !== 1) {

		            ref.ancestor = this.ancestor;
		        }

		        if (this.map) {
		            ref.map = [...this.map];
		        }

		        for (const key of ['adjust', 'iterables', 'render']) {
		            if (this[key] !== null &&
		                this[key] !== undefined) {

		                ref[key] = this[key];
		            }
		        }

		        if (this.in !== false) {
		            ref.in = true;
		        }

		        return { ref };
		    }

		    updateDisplay() {

		        const key = this.key !== null ? this.key : '';
		        if (this.type !== 'value') {
		            this.display = `ref:${this.type}:${key}`;
		            return;
		        }

		        if (!this.separator) {
		            this.display = `ref:${key}`;
		            return;
		        }

		        if (!this.ancestor) {
		            this.display = `ref:${this.separator}${key}`;
		            return;
		        }

		        if (this.ancestor === 'root') {
		            this.display = `ref:root:${key}`;
		            return;
		        }

		        if (this.ancestor === 1) {
		            this.display = `ref:${key || '..'}`;
		            return;
		        }

		        const lead = new Array(this.ancestor + 1).fill(this.separator).join('');
		        this.display = `ref:${lead}${key || ''}`;
		    }
		};


		internals.Ref.prototype[Common.symbols.ref] = true;


		exports.build = function (desc) {

		    desc = Object.assign({}, internals.defaults, desc);
		    if (desc.type === 'value' &&
		        desc.ancestor === undefined) {

		        desc.ancestor = 1;
		    }

		    return new internals.Ref(desc);
		};


		internals.context = function (key, separator, prefix = {}) {

		    key = key.trim();

		    if (prefix) {
		        const globalp = prefix.global === undefined ? '$' : prefix.global;
		        if (globalp !== separator &&
		            key.startsWith(globalp)) {

		            return { key: key.slice(globalp.length), type: 'global' };
		        }

		        const local = prefix.local === undefined ? '#' : prefix.local;
		        if (local !== separator &&
		            key.startsWith(local)) {

		            return { key: key.slice(local.length), type: 'local' };
		        }

		        const root = prefix.root === undefined ? '/' : prefix.root;
		        if (root !== separator &&
		            key.startsWith(root)) {

		            return { key: key.slice(root.length), type: 'value', root: true };
		        }
		    }

		    return { key, type: 'value' };
		};


		internals.ancestor = function (key, separator) {

		    if (!separator) {
		        return [1, 0];              // 'a_b' -> 1 (parent)
		    }

		    if (key[0] !== separator) {     // 'a.b' -> 1 (parent)
		        return [1, 0];
		    }

		    if (key[1] !== separator) {     // '.a.b' -> 0 (self)
		        return [0, 1];
		    }

		    let i = 2;
		    while (key[i] === separator) {
		        ++i;
		    }

		    return [i - 1, i];              // '...a.b.' -> 2 (grandparent)
		};


		exports.toSibling = 0;

		exports.toParent = 1;


		exports.Manager = class {

		    constructor() {

		        this.refs = [];                     // 0: [self refs], 1: [parent refs], 2: [grandparent refs], ...
		    }

		    register(source, target) {

		        if (!source) {
		            return;
		        }

		        target = target === undefined ? exports.toParent : target;

		        // Array

		        if (Array.isArray(source)) {
		            for (const ref of source) {
		                this.register(ref, target);
		            }

		            return;
		        }

		        // Schema

		        if (Common.isSchema(source)) {
		            for (const item of source._refs.refs) {
		                if (item.ancestor - target >= 0) {
		                    this.refs.push({ ancestor: item.ancestor - target, root: item.root });
		                }
		            }

		            return;
		        }

		        // Reference

		        if (exports.isRef(source) &&
		            source.type === 'value' &&
		            source.ancestor - target >= 0) {

		            this.refs.push({ ancestor: source.ancestor - target, root: source.root });
		        }

		        // Template

		        Template = Template || requireTemplate();

		        if (Template.isTemplate(source)) {
		            this.register(source.refs(), target);
		        }
		    }

		    get length() {

		        return this.refs.length;
		    }

		    clone() {

		        const copy = new exports.Manager();
		        copy.refs = this.refs.slice();          // Entries are never mutated once registered, so a shallow copy is enough
		        return copy;
		    }

		    reset() {

		        this.refs = [];
		    }

		    roots() {

		        return this.refs.filter((ref) => !ref.ancestor).map((ref) => ref.root);
		    }
		}; 
	} (ref));
	return ref;
}

var hasRequiredTemplate;

function requireTemplate () {
	if (hasRequiredTemplate) return template.exports;
	hasRequiredTemplate = 1;
	(function (module, exports) {

		const { assert, clone, escapeHtml } = requireLib$4();
		const Formula = requireLib$3();

		const Common = requireCommon();
		const Errors = requireErrors();
		const Ref = requireRef();


		const internals = {
		    symbol: Symbol('template'),

		    opens: new Array(1000).join('\u0000'),
		    closes: new Array(1000).join('\u0001'),

		    dateFormat: {
		        date: Date.prototype.toDateString,
		        iso: Date.prototype.toISOString,
		        string: Date.prototype.toString,
		        time: Date.prototype.toTimeString,
		        utc: Date.prototype.toUTCString
		    }
		};


		module.exports = internals.Template = class {

		    constructor(source, options) {

		        assert(typeof source === 'string', 'Template source must be a string');
		        assert(!source.includes('\u0000') && !source.includes('\u0001'), 'Template source cannot contain reserved control characters');

		        this.source = source;
		        this.rendered = source;

		        this._template = null;

		        if (options) {
		            const { functions, ...opts } = options;
		            this._settings = Object.keys(opts).length ? clone(opts) : undefined;
		            this._functions = functions;
		            if (this._functions) {
		                assert(Object.keys(this._functions).every((key) => typeof key === 'string'), 'Functions keys must be strings');
		                assert(Object.values(this._functions).every((key) => typeof key === 'function'), 'Functions values must be functions');
		            }
		        }
		        else {
		            this._settings = undefined;
		            this._functions = undefined;
		        }

		        this._parse();
		    }

		    _parse() {

		        // 'text {raw} {{ref}} \\{{ignore}} {{ignore\\}} {{ignore {{ignore}'

		        if (!this.source.includes('{')) {
		            return;
		        }

		        // Encode escaped \\{{{{{

		        const encoded = internals.encode(this.source);

		        // Split on first { in each set

		        const parts = internals.split(encoded);

		        // Process parts

		        let refs = false;
		        const processed = [];
		        const head = parts.shift();
		        if (head) {
		            processed.push(internals.decode(head));
		        }

		        for (const part of parts) {
		            const raw = part[0] !== '{';
		            const ender = raw ? '}' : '}}';
		            const end = part.indexOf(ender);
		            if (end === -1 ||                               // Ignore non-matching closing
		                part[1] === '{') {                          // Ignore more than two {

		                processed.push(`{${internals.decode(part)}`);
		                continue;
		            }

		            let variable = part.slice(raw ? 0 : 1, end);
		            const wrapped = variable[0] === ':';
		            if (wrapped) {
		                variable = variable.slice(1);
		            }

		            const dynamic = this._ref(internals.decode(variable), { raw, wrapped });
		            processed.push(dynamic);
		            if (typeof dynamic !== 'string') {
		                refs = true;
		            }

		            const rest = part.slice(end + ender.length);
		            if (rest) {
		                processed.push(internals.decode(rest));
		            }
		        }

		        if (!refs) {
		            this.rendered = processed.join('');
		            return;
		        }

		        this._template = processed;
		    }

		    static date(date, prefs) {

		        return internals.dateFormat[prefs.dateFormat].call(date);
		    }

		    describe(options = {}) {

		        if (!this._settings &&
		            options.compact) {

		            return this.source;
		        }

		        const desc = { template: this.source };
		        if (this._settings) {
		            desc.options = this._settings;
		        }

		        if (this._functions) {
		            desc.functions = this._functions;
		        }

		        return desc;
		    }

		    static build(desc) {

		        return new internals.Template(desc.template, desc.options || desc.functions ? { ...desc.options, functions: desc.functions } : undefined);
		    }

		    isDynamic() {

		        return !!this._template;
		    }

		    static isTemplate(template) {

		        return template ? !!template[Common.symbols.template] : false;
		    }

		    refs() {

		        if (!this._template) {
		            return;
		        }

		        const refs = [];
		        for (const part of this._template) {
		            if (typeof part !== 'string') {
		                refs.push(...part.refs);
		            }
		        }

		        return refs;
		    }

		    resolve(value, state, prefs, local) {

		        if (this._template &&
		            this._template.length === 1) {

		            return this._part(this._template[0], /* context -> [*/ value, state, prefs, local, {} /*] */);
		        }

		        return this.render(value, state, prefs, local);
		    }

		    _part(part, ...args) {

		        if (part.ref) {
		            return part.ref.resolve(...args);
		        }

		        return part.formula.evaluate(args);
		    }

		    render(value, state, prefs, local, options = {}) {

		        if (!this.isDynamic()) {
		            return this.rendered;
		        }

		        const parts = [];
		        for (const part of this._template) {
		            if (typeof part === 'string') {
		                parts.push(part);
		            }
		            else {
		                const rendered = this._part(part, /* context -> [*/ value, state, prefs, local, options /*] */);
		                const string = internals.stringify(rendered, value, state, prefs, local, options);
		                if (string !== undefined) {
		                    const result = part.raw || (options.errors && options.errors.escapeHtml) === false ? string : escapeHtml(string);
		                    parts.push(internals.wrap(result, part.wrapped && prefs.errors.wrap.label));
		                }
		            }
		        }

		        return parts.join('');
		    }

		    _ref(content, { raw, wrapped }) {

		        const refs = [];
		        const reference = (variable) => {

		            const ref = Ref.create(variable, this._settings);
		            refs.push(ref);
		            return (context) => {

		                const resolved = ref.resolve(...context);
		                return resolved !== undefined ? resolved : null;
		            };
		        };

		        try {
		            const functions = this._functions ? { ...internals.functions, ...this._functions } : internals.functions;
		            var formula = new Formula.Parser(content, { reference, functions, constants: internals.constants });
		        }
		        catch (err) {
		            err.message = `Invalid template variable "${content}" fails due to: ${err.message}`;
		            throw err;
		        }

		        if (formula.single) {
		            if (formula.single.type === 'reference') {
		                const ref = refs[0];
		                return { ref, raw, refs, wrapped: wrapped || ref.type === 'local' && ref.key === 'label' };
		            }

		            return internals.stringify(formula.single.value);
		        }

		        return { formula, raw, refs };
		    }

		    toString() {

		        return this.source;
		    }
		};


		internals.Template.prototype[Common.symbols.template] = true;
		internals.Template.prototype.isImmutable = true;                // Prevents Hoek from deep cloning schema objects


		internals.encode = function (string) {

		    return string
		        .replace(/\\(\{+)/g, ($0, $1) => {

		            return internals.opens.slice(0, $1.length);
		        })
		        .replace(/\\(\}+)/g, ($0, $1) => {

		            return internals.closes.slice(0, $1.length);
		        });
		};


		internals.decode = function (string) {

		    return string
		        .replace(/\u0000/g, '{')
		        .replace(/\u0001/g, '}');
		};


		internals.split = function (string) {

		    const parts = [];
		    let current = '';

		    for (let i = 0; i < string.length; ++i) {
		        const char = string[i];

		        if (char === '{') {
		            let next = '';
		            while (i + 1 < string.length &&
		                string[i + 1] === '{') {

		                next += '{';
		                ++i;
		            }

		            parts.push(current);
		            current = next;
		        }
		        else {
		            current += char;
		        }
		    }

		    parts.push(current);
		    return parts;
		};


		internals.wrap = function (value, ends) {

		    if (!ends) {
		        return value;
		    }

		    if (ends.length === 1) {
		        return `${ends}${value}${ends}`;
		    }

		    return `${ends[0]}${value}${ends[1]}`;
		};


		internals.stringify = function (value, original, state, prefs, local, options = {}) {

		    const type = typeof value;
		    const wrap = prefs && prefs.errors && prefs.errors.wrap || {};

		    let skipWrap = false;
		    if (Ref.isRef(value) &&
		        value.render) {

		        skipWrap = value.in;
		        value = value.resolve(original, state, prefs, local, { in: value.in, ...options });
		    }

		    if (value === null) {
		        return 'null';
		    }

		    if (type === 'string') {
		        return internals.wrap(value, options.arrayItems && wrap.string);
		    }

		    if (type === 'number' ||
		        type === 'function' ||
		        type === 'symbol') {

		        return value.toString();
		    }

		    if (type !== 'object') {
		        return JSON.stringify(value);
		    }

		    if (value instanceof Date) {
		        return internals.Template.date(value, prefs);
		    }

		    if (value instanceof Map) {
		        const pairs = [];
		        for (const [key, sym] of value.entries()) {
		            pairs.push(`${key.toString()} -> ${sym.toString()}`);
		        }

		        value = pairs;
		    }

		    if (!Array.isArray(value)) {
		        return value.toString();
		    }

		    const values = [];
		    for (const item of value) {
		        values.push(internals.stringify(item, original, state, prefs, local, { arrayItems: true, ...options }));
		    }

		    return internals.wrap(values.join(', '), !skipWrap && wrap.array);
		};


		internals.constants = {

		    true: true,
		    false: false,
		    null: null,

		    second: 1000,
		    minute: 60 * 1000,
		    hour: 60 * 60 * 1000,
		    day: 24 * 60 * 60 * 1000
		};


		internals.functions = {

		    if(condition, then, otherwise) {

		        return condition ? then : otherwise;
		    },

		    length(item) {

		        if (typeof item === 'string') {
		            return item.length;
		        }

		        if (!item || typeof item !== 'object') {
		            return null;
		        }

		        if (Array.isArray(item)) {
		            return item.length;
		        }

		        return Object.keys(item).length;
		    },

		    msg(code) {

		        const [value, state, prefs, local, options] = this;
		        const messages = options.messages;
		        if (!messages) {
		            return '';
		        }

		        const template = Errors.template(value, messages[0], code, state, prefs) || Errors.template(value, messages[1], code, state, prefs);
		        if (!template) {
		            return '';
		        }

		        return template.render(value, state, prefs, local, options);
		    },

		    number(value) {

		        if (typeof value === 'number') {
		            return value;
		        }

		        if (typeof value === 'string') {
		            return parseFloat(value);
		        }

		        if (typeof value === 'boolean') {
		            return value ? 1 : 0;
		        }

		        if (value instanceof Date) {
		            return value.getTime();
		        }

		        return null;
		    }
		}; 
	} (template));
	return template.exports;
}

var hasRequiredMessages;

function requireMessages () {
	if (hasRequiredMessages) return messages;
	hasRequiredMessages = 1;
	(function (exports) {

		const { assert, clone } = requireLib$4();

		const Template = requireTemplate();


		exports.compile = function (messages, target) {

		    // Single value string ('plain error message', 'template {error} message')

		    if (typeof messages === 'string') {
		        assert(!target, 'Cannot set single message string');
		        return new Template(messages);
		    }

		    // Single value template

		    if (Template.isTemplate(messages)) {
		        assert(!target, 'Cannot set single message template');
		        return messages;
		    }

		    // By error code { 'number.min': <string | template> }

		    assert(typeof messages === 'object' && !Array.isArray(messages), 'Invalid message options');

		    target = target ? clone(target) : {};

		    for (const code of Object.keys(messages)) {
		        const message = messages[code];

		        if (code === 'root' ||
		            Template.isTemplate(message)) {

		            // A flat code named __proto__ triggers the legacy accessor on plain-object assignment, and
		            // what we assign is always a Template, i.e. an object the accessor accepts, so it replaces
		            // target's own prototype instead of creating an own property. That in turn makes
		            // Template.isTemplate(target) true, so every code renders that one message

		            assert(code !== '__proto__', 'Cannot use __proto__ as a message code');

		            target[code] = message;
		            continue;
		        }

		        if (typeof message === 'string') {

		            assert(code !== '__proto__', 'Cannot use __proto__ as a message code');

		            target[code] = new Template(message);
		            continue;
		        }

		        // By language { english: { 'number.min': <string | template> } }

		        assert(typeof message === 'object' && !Array.isArray(message), 'Invalid message for', code);

		        const language = code;

		        // A language named __proto__ would replace target's own prototype with the localized messages

		        assert(language !== '__proto__', 'Cannot use __proto__ as a language');

		        // Don't reuse an inherited object, otherwise a language named constructor writes on Object

		        const localizedTarget = Object.hasOwn(target, language) ? target[language] : {};
		        target[language] = localizedTarget;

		        for (const key of Object.keys(message)) {
		            const localized = message[key];

		            assert(key !== '__proto__', 'Cannot use __proto__ as a message code');

		            if (key === 'root' ||
		                Template.isTemplate(localized)) {

		                localizedTarget[key] = localized;
		                continue;
		            }

		            assert(typeof localized === 'string', 'Invalid message for', key, 'in', language);
		            localizedTarget[key] = new Template(localized);
		        }
		    }

		    return target;
		};


		exports.decompile = function (messages) {

		    // By error code { 'number.min': <string | template> }

		    const target = {};
		    for (const code of Object.keys(messages)) {
		        const message = messages[code];

		        if (code === 'root') {
		            target.root = message;
		            continue;
		        }

		        if (Template.isTemplate(message)) {
		            target[code] = message.describe({ compact: true });
		            continue;
		        }

		        // By language { english: { 'number.min': <string | template> } }

		        const language = code;
		        target[language] = {};

		        for (const key of Object.keys(message)) {
		            const localized = message[key];

		            if (key === 'root') {
		                target[language].root = localized;
		                continue;
		            }

		            target[language][key] = localized.describe({ compact: true });
		        }
		    }

		    return target;
		};


		exports.merge = function (base, extended) {

		    if (!base) {
		        return exports.compile(extended);
		    }

		    if (!extended) {
		        return base;
		    }

		    // Single value string

		    if (typeof extended === 'string') {
		        return new Template(extended);
		    }

		    // Single value template

		    if (Template.isTemplate(extended)) {
		        return extended;
		    }

		    // By error code { 'number.min': <string | template> }

		    const target = clone(base);

		    for (const code of Object.keys(extended)) {
		        const message = extended[code];

		        if (code === 'root' ||
		            Template.isTemplate(message)) {

		            // Same as in compile(), a flat code named __proto__ replaces target's own prototype

		            assert(code !== '__proto__', 'Cannot use __proto__ as a message code');

		            target[code] = message;
		            continue;
		        }

		        if (typeof message === 'string') {

		            assert(code !== '__proto__', 'Cannot use __proto__ as a message code');

		            target[code] = new Template(message);
		            continue;
		        }

		        // By language { english: { 'number.min': <string | template> } }

		        assert(typeof message === 'object' && !Array.isArray(message), 'Invalid message for', code);

		        const language = code;

		        // Same as in compile(), reject __proto__ and don't reuse an inherited object

		        assert(language !== '__proto__', 'Cannot use __proto__ as a language');

		        const localizedTarget = Object.hasOwn(target, language) ? target[language] : {};
		        target[language] = localizedTarget;

		        for (const key of Object.keys(message)) {
		            const localized = message[key];

		            assert(key !== '__proto__', 'Cannot use __proto__ as a message code');

		            if (key === 'root' ||
		                Template.isTemplate(localized)) {

		                localizedTarget[key] = localized;
		                continue;
		            }

		            assert(typeof localized === 'string', 'Invalid message for', key, 'in', language);
		            localizedTarget[key] = new Template(localized);
		        }
		    }

		    return target;
		}; 
	} (messages));
	return messages;
}

var hasRequiredCommon;

function requireCommon () {
	if (hasRequiredCommon) return common;
	hasRequiredCommon = 1;
	(function (exports) {

		const { assert: Assert, AssertError } = requireLib$4();

		const Pkg = require$$1$1;

		let Messages;
		let Schemas;


		const internals = {
		    isoDate: /^(?:[-+]\d{2})?(?:\d{4}(?!\d{2}\b))(?:(-?)(?:(?:0[1-9]|1[0-2])(?:\1(?:[12]\d|0[1-9]|3[01]))?|W(?:[0-4]\d|5[0-2])(?:-?[1-7])?|(?:00[1-9]|0[1-9]\d|[12]\d{2}|3(?:[0-5]\d|6[1-6])))(?![T]$|[T][\d]+Z$)(?:[T\s](?:(?:(?:[01]\d|2[0-3])(?:(:?)[0-5]\d)?|24\:?00)(?:[.,]\d+(?!:))?)(?:\2[0-5]\d(?:[.,]\d+)?)?(?:[Z]|(?:[+-])(?:[01]\d|2[0-3])(?::?[0-5]\d)?)?)?)?$/
		};


		exports.version = Pkg.version;


		exports.defaults = {
		    abortEarly: true,
		    allowUnknown: false,
		    artifacts: false,
		    cache: true,
		    context: null,
		    convert: true,
		    dateFormat: 'iso',
		    errors: {
		        escapeHtml: false,
		        label: 'path',
		        language: null,
		        render: true,
		        stack: false,
		        wrap: {
		            label: '"',
		            array: '[]'
		        }
		    },
		    externals: true,
		    messages: {},
		    nonEnumerables: false,
		    noDefaults: false,
		    presence: 'optional',
		    skipFunctions: false,
		    stripUnknown: false,
		    warnings: false
		};


		exports.symbols = {
		    any: Symbol.for('@hapi/joi/schema'),            // Used to internally identify any-based types (shared with other joi versions)
		    arraySingle: Symbol('arraySingle'),
		    deepDefault: Symbol('deepDefault'),
		    errors: Symbol('errors'),
		    literal: Symbol('literal'),
		    override: Symbol('override'),
		    parent: Symbol('parent'),
		    prefs: Symbol('prefs'),
		    ref: Symbol('ref'),
		    template: Symbol('template'),
		    values: Symbol('values')
		};


		exports.assertOptions = function (options, keys, name = 'Options') {

		    Assert(options && typeof options === 'object' && !Array.isArray(options), 'Options must be of type object');
		    const unknownKeys = Object.keys(options).filter((k) => !keys.includes(k));
		    Assert(unknownKeys.length === 0, `${name} contain unknown keys: ${unknownKeys}`);
		};


		exports.checkPreferences = function (prefs) {

		    Schemas = Schemas || requireSchemas();

		    const result = Schemas.preferences.validate(prefs);

		    if (result.error) {
		        throw new AssertError([result.error.details[0].message]);
		    }
		};


		exports.compare = function (a, b, operator) {

		    switch (operator) {
		        case '=': return a === b;
		        case '>': return a > b;
		        case '<': return a < b;
		        case '>=': return a >= b;
		        case '<=': return a <= b;
		    }
		};


		exports.default = function (value, defaultValue) {

		    return value === undefined ? defaultValue : value;
		};


		exports.intersect = function (set, other) {

		    /* $lab:coverage:off$ */
		    if (typeof set.intersection === 'function') {
		        return set.intersection(other);
		    }

		    const result = new Set();
		    for (const item of set) {
		        if (other.has(item)) {
		            result.add(item);
		        }
		    }

		    return result;
		    /* $lab:coverage:on$ */
		};


		exports.isIsoDate = function (date) {

		    return internals.isoDate.test(date);
		};


		exports.isNumber = function (value) {

		    return typeof value === 'number' && !isNaN(value);
		};


		exports.isResolvable = function (obj) {

		    if (!obj) {
		        return false;
		    }

		    return obj[exports.symbols.ref] || obj[exports.symbols.template];
		};


		exports.isSchema = function (schema, options = {}) {

		    const any = schema && schema[exports.symbols.any];
		    if (!any) {
		        return false;
		    }

		    Assert(options.legacy || any.version === exports.version, 'Cannot mix different versions of joi schemas');
		    return true;
		};


		exports.isValues = function (obj) {

		    return obj[exports.symbols.values];
		};


		exports.limit = function (value) {

		    return Number.isSafeInteger(value) && value >= 0;
		};


		exports.preferences = function (target, source) {

		    Messages = Messages || requireMessages();

		    target = target || {};
		    source = source || {};

		    const merged = Object.assign({}, target, source);
		    if (source.errors &&
		        target.errors) {

		        merged.errors = Object.assign({}, target.errors, source.errors);
		        merged.errors.wrap = Object.assign({}, target.errors.wrap, source.errors.wrap);
		    }

		    if (source.messages) {
		        merged.messages = Messages.compile(source.messages, target.messages);
		    }

		    delete merged[exports.symbols.prefs];
		    return merged;
		};


		exports.tryWithPath = function (fn, key, options = {}) {

		    try {
		        return fn();
		    }
		    catch (err) {
		        if (err.path !== undefined) {
		            err.path = key + '.' + err.path;
		        }
		        else {
		            err.path = key;
		        }

		        if (options.append) {
		            err.message = `${err.message} (${err.path})`;
		        }

		        throw err;
		    }
		};


		exports.validateArg = function (value, label, { assert, message }) {

		    if (exports.isSchema(assert)) {
		        const result = assert.validate(value);
		        if (!result.error) {
		            return;
		        }

		        return result.error.message;
		    }
		    else if (!assert(value)) {
		        return label ? `${label} ${message}` : message;
		    }
		};


		exports.verifyFlat = function (args, method) {

		    for (const arg of args) {
		        Assert(!Array.isArray(arg), 'Method no longer accepts array arguments:', method);
		    }
		}; 
	} (common));
	return common;
}

var hasRequiredCache;

function requireCache () {
	if (hasRequiredCache) return cache;
	hasRequiredCache = 1;

	const { assert, clone } = requireLib$4();

	const Common = requireCommon();


	const internals = {
	    max: 1000,
	    supported: new Set(['undefined', 'boolean', 'number', 'string'])
	};


	cache.provider = {

	    provision(options) {

	        return new internals.Cache(options);
	    }
	};


	// Least Recently Used (LRU) Cache

	internals.Cache = class {

	    constructor(options = {}) {

	        Common.assertOptions(options, ['max']);
	        assert(options.max === undefined || options.max && options.max > 0 && isFinite(options.max), 'Invalid max cache size');

	        this._max = options.max || internals.max;

	        this._map = new Map();                          // Map of nodes by key
	        this._list = new internals.List();              // List of nodes (most recently used in head)
	    }

	    get length() {

	        return this._map.size;
	    }

	    set(key, value) {

	        if (key !== null &&
	            !internals.supported.has(typeof key)) {

	            return;
	        }

	        let node = this._map.get(key);
	        if (node) {
	            node.value = value;
	            this._list.first(node);
	            return;
	        }

	        node = this._list.unshift({ key, value });
	        this._map.set(key, node);
	        this._compact();
	    }

	    get(key) {

	        const node = this._map.get(key);
	        if (node) {
	            this._list.first(node);
	            return clone(node.value);
	        }
	    }

	    _compact() {

	        if (this._map.size > this._max) {
	            const node = this._list.pop();
	            this._map.delete(node.key);
	        }
	    }
	};


	internals.List = class {

	    constructor() {

	        this.tail = null;
	        this.head = null;
	    }

	    unshift(node) {

	        node.next = null;
	        node.prev = this.head;

	        if (this.head) {
	            this.head.next = node;
	        }

	        this.head = node;

	        if (!this.tail) {
	            this.tail = node;
	        }

	        return node;
	    }

	    first(node) {

	        if (node === this.head) {
	            return;
	        }

	        this._remove(node);
	        this.unshift(node);
	    }

	    pop() {

	        return this._remove(this.tail);
	    }

	    _remove(node) {

	        const { next, prev } = node;

	        next.prev = prev;

	        if (prev) {
	            prev.next = next;
	        }

	        if (node === this.tail) {
	            this.tail = next;
	        }

	        node.prev = null;
	        node.next = null;

	        return node;
	    }
	};
	return cache;
}

var compile = {};

var hasRequiredCompile;

function requireCompile () {
	if (hasRequiredCompile) return compile;
	hasRequiredCompile = 1;
	(function (exports) {

		const { assert } = requireLib$4();

		const Common = requireCommon();
		const Ref = requireRef();


		const internals = {};


		exports.schema = function (Joi, config, options = {}) {

		    Common.assertOptions(options, ['appendPath', 'override']);

		    try {
		        return internals.schema(Joi, config, options);
		    }
		    catch (err) {
		        if (options.appendPath &&
		            err.path !== undefined) {

		            err.message = `${err.message} (${err.path})`;
		        }

		        throw err;
		    }
		};


		internals.schema = function (Joi, config, options) {

		    assert(config !== undefined, 'Invalid undefined schema');

		    if (Array.isArray(config)) {
		        assert(config.length, 'Invalid empty array schema');

		        if (config.length === 1) {
		            config = config[0];
		        }
		    }

		    const valid = (base, ...values) => {

		        if (options.override !== false) {
		            return base.valid(Joi.override, ...values);
		        }

		        return base.valid(...values);
		    };

		    if (internals.simple(config)) {
		        return valid(Joi, config);
		    }

		    if (typeof config === 'function') {
		        return Joi.custom(config);
		    }

		    assert(typeof config === 'object', 'Invalid schema content:', typeof config);

		    if (Common.isResolvable(config)) {
		        return valid(Joi, config);
		    }

		    if (Common.isSchema(config)) {
		        return config;
		    }

		    if (Array.isArray(config)) {
		        for (const item of config) {
		            if (!internals.simple(item)) {
		                return Joi.alternatives().try(...config);
		            }
		        }

		        return valid(Joi, ...config);
		    }

		    if (config instanceof RegExp) {
		        return Joi.string().regex(config);
		    }

		    if (config instanceof Date) {
		        return valid(Joi.date(), config);
		    }

		    assert(Object.getPrototypeOf(config) === Object.getPrototypeOf({}), 'Schema can only contain plain objects');

		    return Joi.object().keys(config);
		};


		exports.ref = function (id, options) {

		    return Ref.isRef(id) ? id : Ref.create(id, options);
		};


		exports.compile = function (root, schema, options = {}) {

		    Common.assertOptions(options, ['legacy']);

		    // Compiled by any supported version

		    const any = schema && schema[Common.symbols.any];
		    if (any) {
		        assert(options.legacy || any.version === Common.version, 'Cannot mix different versions of joi schemas:', any.version, Common.version);
		        return schema;
		    }

		    // Uncompiled root

		    if (typeof schema !== 'object' ||
		        !options.legacy) {

		        return exports.schema(root, schema, { appendPath: true });          // Will error if schema contains other versions
		    }

		    // Scan schema for compiled parts

		    const compiler = internals.walk(schema);
		    if (!compiler) {
		        return exports.schema(root, schema, { appendPath: true });
		    }

		    return compiler.compile(compiler.root, schema);
		};


		internals.walk = function (schema) {

		    if (typeof schema !== 'object') {
		        return null;
		    }

		    if (Array.isArray(schema)) {
		        for (const item of schema) {
		            const compiler = internals.walk(item);
		            if (compiler) {
		                return compiler;
		            }
		        }

		        return null;
		    }

		    const any = schema[Common.symbols.any];
		    if (any) {
		        return { root: schema[any.root], compile: any.compile };
		    }

		    assert(Object.getPrototypeOf(schema) === Object.getPrototypeOf({}), 'Schema can only contain plain objects');

		    for (const key of Object.keys(schema)) {
		        const compiler = internals.walk(schema[key]);
		        if (compiler) {
		            return compiler;
		        }
		    }

		    return null;
		};


		internals.simple = function (value) {

		    return value === null || ['boolean', 'string', 'number'].includes(typeof value);
		};


		exports.when = function (schema, condition, options) {

		    if (options === undefined) {
		        assert(condition && typeof condition === 'object', 'Missing options');

		        options = condition;
		        condition = Ref.create('.');
		    }

		    if (Array.isArray(options)) {
		        options = { switch: options };
		    }

		    Common.assertOptions(options, ['is', 'not', 'then', 'otherwise', 'switch', 'break']);

		    // Schema condition

		    if (Common.isSchema(condition)) {
		        assert(options.is === undefined, '"is" can not be used with a schema condition');
		        assert(options.not === undefined, '"not" can not be used with a schema condition');
		        assert(options.switch === undefined, '"switch" can not be used with a schema condition');

		        return internals.condition(schema, { is: condition, then: options.then, otherwise: options.otherwise, break: options.break });
		    }

		    // Single condition

		    assert(Ref.isRef(condition) || typeof condition === 'string', 'Invalid condition:', condition);
		    assert(options.not === undefined || options.is === undefined, 'Cannot combine "is" with "not"');

		    if (options.switch === undefined) {
		        let rule = options;
		        if (options.not !== undefined) {
		            rule = { is: options.not, then: options.otherwise, otherwise: options.then, break: options.break };
		        }

		        let is = rule.is !== undefined ? schema.$_compile(rule.is) : schema.$_root.invalid(null, false, 0, '').required();
		        assert(rule.then !== undefined || rule.otherwise !== undefined, 'options must have at least one of "then", "otherwise", or "switch"');
		        assert(rule.break === undefined || rule.then === undefined || rule.otherwise === undefined, 'Cannot specify then, otherwise, and break all together');

		        if (options.is !== undefined &&
		            !Ref.isRef(options.is) &&
		            !Common.isSchema(options.is)) {

		            is = is.required();                     // Only apply required if this wasn't already a schema or a ref
		        }

		        return internals.condition(schema, { ref: exports.ref(condition), is, then: rule.then, otherwise: rule.otherwise, break: rule.break });
		    }

		    // Switch statement

		    assert(Array.isArray(options.switch), '"switch" must be an array');
		    assert(options.is === undefined, 'Cannot combine "switch" with "is"');
		    assert(options.not === undefined, 'Cannot combine "switch" with "not"');
		    assert(options.then === undefined, 'Cannot combine "switch" with "then"');

		    const rule = {
		        ref: exports.ref(condition),
		        switch: [],
		        break: options.break
		    };

		    for (let i = 0; i < options.switch.length; ++i) {
		        const test = options.switch[i];
		        const last = i === options.switch.length - 1;

		        Common.assertOptions(test, last ? ['is', 'then', 'otherwise'] : ['is', 'then']);

		        assert(test.is !== undefined, 'Switch statement missing "is"');
		        assert(test.then !== undefined, 'Switch statement missing "then"');

		        const item = {
		            is: schema.$_compile(test.is),
		            then: schema.$_compile(test.then)
		        };

		        if (!Ref.isRef(test.is) &&
		            !Common.isSchema(test.is)) {

		            item.is = item.is.required();           // Only apply required if this wasn't already a schema or a ref
		        }

		        if (last) {
		            assert(options.otherwise === undefined || test.otherwise === undefined, 'Cannot specify "otherwise" inside and outside a "switch"');
		            const otherwise = options.otherwise !== undefined ? options.otherwise : test.otherwise;
		            if (otherwise !== undefined) {
		                assert(rule.break === undefined, 'Cannot specify both otherwise and break');
		                item.otherwise = schema.$_compile(otherwise);
		            }
		        }

		        rule.switch.push(item);
		    }

		    return rule;
		};


		internals.condition = function (schema, condition) {

		    for (const key of ['then', 'otherwise']) {
		        if (condition[key] === undefined) {
		            delete condition[key];
		        }
		        else {
		            condition[key] = schema.$_compile(condition[key]);
		        }
		    }

		    return condition;
		}; 
	} (compile));
	return compile;
}

var extend = {};

var hasRequiredExtend;

function requireExtend () {
	if (hasRequiredExtend) return extend;
	hasRequiredExtend = 1;

	const { assert, clone } = requireLib$4();

	const Common = requireCommon();
	const Messages = requireMessages();


	const internals = {};


	extend.type = function (from, options) {

	    const base = Object.getPrototypeOf(from);
	    const prototype = clone(base);
	    const schema = from._assign(Object.create(prototype));
	    const def = Object.assign({}, options);                                 // Shallow cloned
	    delete def.base;

	    prototype._definition = def;

	    const parent = base._definition || {};
	    def.messages = Messages.merge(parent.messages, def.messages);
	    def.properties = Object.assign({}, parent.properties, def.properties);

	    // Type

	    schema.type = def.type;

	    // Flags

	    def.flags = Object.assign({}, parent.flags, def.flags);

	    // Terms

	    const terms = Object.assign({}, parent.terms);
	    if (def.terms) {
	        for (const name of Object.keys(def.terms)) {                        // Only apply own terms
	            const term = def.terms[name];
	            assert(schema.$_terms[name] === undefined, 'Invalid term override for', def.type, name);
	            schema.$_terms[name] = term.init;
	            terms[name] = term;
	        }
	    }

	    def.terms = terms;

	    // Constructor arguments

	    if (!def.args) {
	        def.args = parent.args;
	    }

	    // Prepare

	    if (def.prepare) {
	        const { method, undefined: acceptsUndefined } = typeof def.prepare === 'function' ? { method: def.prepare } : def.prepare;
	        def.prepare = acceptsUndefined ? method : (value, helpers) => {

	            if (value !== undefined) {
	                return method(value, helpers);
	            }
	        };
	    }

	    def.prepare = internals.prepare(def.prepare, parent.prepare);

	    // Coerce

	    if (def.coerce) {
	        if (typeof def.coerce === 'function') {
	            def.coerce = { method: def.coerce };
	        }

	        if (def.coerce.from &&
	            !Array.isArray(def.coerce.from)) {

	            def.coerce = { method: def.coerce.method, from: [].concat(def.coerce.from) };
	        }
	    }

	    def.coerce = internals.coerce(def.coerce, parent.coerce);

	    // Validate

	    def.validate = internals.validate(def.validate, parent.validate);

	    // Rules

	    const rules = Object.assign({}, parent.rules);
	    if (def.rules) {
	        for (const name of Object.keys(def.rules)) {
	            const rule = def.rules[name];
	            assert(typeof rule === 'object', 'Invalid rule definition for', def.type, name);

	            let method = rule.method;
	            if (method === undefined) {
	                method = function () {

	                    return this.$_addRule(name);
	                };
	            }

	            if (method) {
	                assert(!prototype[name], 'Rule conflict in', def.type, name);
	                prototype[name] = method;
	            }

	            assert(!rules[name], 'Rule conflict in', def.type, name);
	            rules[name] = rule;

	            if (rule.alias) {
	                const aliases = [].concat(rule.alias);
	                for (const alias of aliases) {
	                    prototype[alias] = rule.method;
	                }
	            }

	            if (rule.args) {
	                rule.argsByName = new Map();
	                rule.args = rule.args.map((arg) => {

	                    if (typeof arg === 'string') {
	                        arg = { name: arg };
	                    }

	                    assert(!rule.argsByName.has(arg.name), 'Duplicated argument name', arg.name);

	                    if (Common.isSchema(arg.assert)) {
	                        arg.assert = arg.assert.strict().label(arg.name);
	                    }

	                    rule.argsByName.set(arg.name, arg);
	                    return arg;
	                });
	            }
	        }
	    }

	    def.rules = rules;

	    // JSON Schema

	    if (!def.jsonSchema) {
	        def.jsonSchema = parent.jsonSchema;
	    }

	    // Modifiers

	    const modifiers = Object.assign({}, parent.modifiers);
	    if (def.modifiers) {
	        for (const name of Object.keys(def.modifiers)) {
	            assert(!prototype[name], 'Rule conflict in', def.type, name);

	            const modifier = def.modifiers[name];
	            assert(typeof modifier === 'function', 'Invalid modifier definition for', def.type, name);

	            const method = function (arg) {

	                return this.rule({ [name]: arg });
	            };

	            prototype[name] = method;
	            modifiers[name] = modifier;
	        }
	    }

	    def.modifiers = modifiers;

	    // Overrides

	    if (def.overrides) {
	        prototype._super = base;
	        schema.$_super = {};                                                            // Backwards compatibility
	        for (const override of Object.keys(def.overrides)) {
	            assert(base[override], 'Cannot override missing', override);
	            def.overrides[override][Common.symbols.parent] = base[override];
	            schema.$_super[override] = base[override].bind(schema);                     // Backwards compatibility
	        }

	        Object.assign(prototype, def.overrides);
	    }

	    // Casts

	    def.cast = Object.assign({}, parent.cast, def.cast);

	    // Manifest

	    const manifest = Object.assign({}, parent.manifest, def.manifest);
	    manifest.build = internals.build(def.manifest && def.manifest.build, parent.manifest && parent.manifest.build);
	    def.manifest = manifest;

	    // Rebuild

	    def.rebuild = internals.rebuild(def.rebuild, parent.rebuild);

	    return schema;
	};


	// Helpers

	internals.build = function (child, parent) {

	    if (!child ||
	        !parent) {

	        return child || parent;
	    }

	    return function (obj, desc) {

	        return parent(child(obj, desc), desc);
	    };
	};


	internals.coerce = function (child, parent) {

	    if (!child ||
	        !parent) {

	        return child || parent;
	    }

	    return {
	        from: child.from && parent.from ? [...new Set([...child.from, ...parent.from])] : null,
	        method(value, helpers) {

	            let coerced;
	            if (!parent.from ||
	                parent.from.includes(typeof value)) {

	                coerced = parent.method(value, helpers);
	                if (coerced) {
	                    if (coerced.errors ||
	                        coerced.value === undefined) {

	                        return coerced;
	                    }

	                    value = coerced.value;
	                }
	            }

	            if (!child.from ||
	                child.from.includes(typeof value)) {

	                const own = child.method(value, helpers);
	                if (own) {
	                    return own;
	                }
	            }

	            return coerced;
	        }
	    };
	};


	internals.prepare = function (child, parent) {

	    if (!child ||
	        !parent) {

	        return child || parent;
	    }

	    return function (value, helpers) {

	        const prepared = child(value, helpers);
	        if (prepared) {
	            if (prepared.errors ||
	                prepared.value === undefined) {

	                return prepared;
	            }

	            value = prepared.value;
	        }

	        return parent(value, helpers) || prepared;
	    };
	};


	internals.rebuild = function (child, parent) {

	    if (!child ||
	        !parent) {

	        return child || parent;
	    }

	    return function (schema) {

	        parent(schema);
	        child(schema);
	    };
	};


	internals.validate = function (child, parent) {

	    if (!child ||
	        !parent) {

	        return child || parent;
	    }

	    return function (value, helpers) {

	        const result = parent(value, helpers);
	        if (result) {
	            if (result.errors &&
	                (!Array.isArray(result.errors) || result.errors.length)) {

	                return result;
	            }

	            value = result.value;
	        }

	        return child(value, helpers) || result;
	    };
	};
	return extend;
}

var manifest = {};

var hasRequiredManifest;

function requireManifest () {
	if (hasRequiredManifest) return manifest;
	hasRequiredManifest = 1;

	const { assert, clone } = requireLib$4();

	const Common = requireCommon();
	const Messages = requireMessages();
	const Ref = requireRef();
	const Template = requireTemplate();

	let Schemas;


	const internals = {};


	manifest.describe = function (schema) {

	    const def = schema._definition;

	    // Type

	    const desc = {
	        type: schema.type,
	        flags: {},
	        rules: []
	    };

	    // Flags

	    for (const flag of Object.keys(schema._flags)) {
	        if (flag[0] !== '_') {
	            desc.flags[flag] = internals.describe(schema._flags[flag]);
	        }
	    }

	    if (!Object.keys(desc.flags).length) {
	        delete desc.flags;
	    }

	    // Preferences

	    if (schema._preferences) {
	        desc.preferences = clone(schema._preferences, { shallow: ['messages'] });
	        delete desc.preferences[Common.symbols.prefs];
	        if (desc.preferences.messages) {
	            desc.preferences.messages = Messages.decompile(desc.preferences.messages);
	        }
	    }

	    // Allow / Invalid

	    if (schema._valids) {
	        desc.allow = schema._valids.describe();
	    }

	    if (schema._invalids) {
	        desc.invalid = schema._invalids.describe();
	    }

	    // Rules

	    for (const rule of schema._rules) {
	        const ruleDef = def.rules[rule.name];
	        if (ruleDef.manifest === false) {                           // Defaults to true
	            continue;
	        }

	        const item = { name: rule.name };

	        for (const custom of Object.keys(def.modifiers)) {
	            if (rule[custom] !== undefined) {
	                item[custom] = internals.describe(rule[custom]);
	            }
	        }

	        if (rule.args) {
	            item.args = {};
	            for (const key of Object.keys(rule.args)) {
	                const arg = rule.args[key];
	                if (key === 'options' &&
	                    !Object.keys(arg).length) {

	                    continue;
	                }

	                item.args[key] = internals.describe(arg, { assign: key });
	            }

	            if (!Object.keys(item.args).length) {
	                delete item.args;
	            }
	        }

	        desc.rules.push(item);
	    }

	    if (!desc.rules.length) {
	        delete desc.rules;
	    }

	    // Terms (must be last to verify no name conflicts)

	    for (const term of Object.keys(schema.$_terms)) {
	        if (term[0] === '_') {
	            continue;
	        }

	        assert(!desc[term], 'Cannot describe schema due to internal name conflict with', term);

	        const items = schema.$_terms[term];
	        if (!items) {
	            continue;
	        }

	        if (items instanceof Map) {
	            if (items.size) {
	                desc[term] = [...items.entries()];
	            }

	            continue;
	        }

	        if (Common.isValues(items)) {
	            desc[term] = items.describe();
	            continue;
	        }

	        assert(def.terms[term], 'Term', term, 'missing configuration');
	        const manifest = def.terms[term].manifest;
	        const mapped = typeof manifest === 'object';
	        if (!items.length &&
	            !mapped) {

	            continue;
	        }

	        const normalized = [];
	        for (const item of items) {
	            normalized.push(internals.describe(item));
	        }

	        // Mapped

	        if (mapped) {
	            const { from, to } = manifest.mapped;
	            desc[term] = {};
	            for (const item of normalized) {
	                desc[term][item[to]] = item[from];
	            }

	            continue;
	        }

	        // Single

	        if (manifest === 'single') {
	            assert(normalized.length === 1, 'Term', term, 'contains more than one item');
	            desc[term] = normalized[0];
	            continue;
	        }

	        // Array

	        desc[term] = normalized;
	    }

	    internals.validate(schema.$_root, desc);
	    return desc;
	};


	internals.describe = function (item, options = {}) {

	    if (Array.isArray(item)) {
	        return item.map(internals.describe);
	    }

	    if (item === Common.symbols.deepDefault) {
	        return { special: 'deep' };
	    }

	    if (typeof item !== 'object' ||
	        item === null) {

	        return item;
	    }

	    if (options.assign === 'options') {
	        return clone(item);
	    }

	    if (Buffer && Buffer.isBuffer(item)) {                          // $lab:coverage:ignore$
	        return { buffer: item.toString('binary') };
	    }

	    if (item instanceof Date) {
	        return item.toISOString();
	    }

	    if (item instanceof Error) {
	        return item;
	    }

	    if (item instanceof RegExp) {
	        if (options.assign === 'regex') {
	            return item.toString();
	        }

	        return { regex: item.toString() };
	    }

	    if (item[Common.symbols.literal]) {
	        return { function: item.literal };
	    }

	    if (typeof item.describe === 'function') {
	        if (options.assign === 'ref') {
	            return item.describe().ref;
	        }

	        return item.describe();
	    }

	    const normalized = {};
	    for (const key of Object.keys(item)) {
	        const value = item[key];
	        if (value === undefined) {
	            continue;
	        }

	        normalized[key] = internals.describe(value, { assign: key });
	    }

	    return normalized;
	};


	manifest.build = function (joi, desc) {

	    const builder = new internals.Builder(joi);
	    return builder.parse(desc);
	};


	internals.Builder = class {

	    constructor(joi) {

	        this.joi = joi;
	    }

	    parse(desc) {

	        internals.validate(this.joi, desc);

	        // Type

	        let schema = this.joi[desc.type]()._bare();
	        const def = schema._definition;

	        // Flags

	        if (desc.flags) {
	            for (const flag of Object.keys(desc.flags)) {
	                const setter = def.flags[flag] && def.flags[flag].setter || flag;
	                assert(typeof schema[setter] === 'function', 'Invalid flag', flag, 'for type', desc.type);
	                schema = schema[setter](this.build(desc.flags[flag]));
	            }
	        }

	        // Preferences

	        if (desc.preferences) {
	            schema = schema.preferences(this.build(desc.preferences));
	        }

	        // Allow / Invalid

	        if (desc.allow) {
	            schema = schema.allow(...this.build(desc.allow));
	        }

	        if (desc.invalid) {
	            schema = schema.invalid(...this.build(desc.invalid));
	        }

	        // Rules

	        if (desc.rules) {
	            for (const rule of desc.rules) {
	                assert(typeof schema[rule.name] === 'function', 'Invalid rule', rule.name, 'for type', desc.type);

	                const args = [];
	                if (rule.args) {
	                    const built = {};
	                    for (const key of Object.keys(rule.args)) {
	                        built[key] = this.build(rule.args[key], { assign: key });
	                    }

	                    const keys = Object.keys(built);
	                    const definition = def.rules[rule.name].args;
	                    if (definition) {
	                        assert(keys.length <= definition.length, 'Invalid number of arguments for', desc.type, rule.name, '(expected up to', definition.length, ', found', keys.length, ')');
	                        for (const { name } of definition) {
	                            args.push(built[name]);
	                        }
	                    }
	                    else {
	                        assert(keys.length === 1, 'Invalid number of arguments for', desc.type, rule.name, '(expected up to 1, found', keys.length, ')');
	                        args.push(built[keys[0]]);
	                    }
	                }

	                // Apply

	                schema = schema[rule.name](...args);

	                // Ruleset

	                const options = {};
	                for (const custom of Object.keys(def.modifiers)) {
	                    if (rule[custom] !== undefined) {
	                        options[custom] = this.build(rule[custom]);
	                    }
	                }

	                if (Object.keys(options).length) {
	                    schema = schema.rule(options);
	                }
	            }
	        }

	        // Terms

	        const terms = {};
	        for (const key of Object.keys(desc)) {
	            if (['allow', 'flags', 'invalid', 'whens', 'preferences', 'rules', 'type'].includes(key)) {
	                continue;
	            }

	            assert(def.terms[key], 'Term', key, 'missing configuration');
	            const manifest = def.terms[key].manifest;

	            if (manifest === 'schema') {
	                terms[key] = desc[key].map((item) => this.parse(item));
	                continue;
	            }

	            if (manifest === 'values') {
	                terms[key] = desc[key].map((item) => this.build(item));
	                continue;
	            }

	            if (manifest === 'single') {
	                terms[key] = this.build(desc[key]);
	                continue;
	            }

	            if (typeof manifest === 'object') {
	                terms[key] = {};
	                for (const name of Object.keys(desc[key])) {
	                    const value = desc[key][name];
	                    terms[key][name] = this.parse(value);
	                }

	                continue;
	            }

	            terms[key] = this.build(desc[key]);
	        }

	        if (desc.whens) {
	            terms.whens = desc.whens.map((when) => this.build(when));
	        }

	        schema = def.manifest.build(schema, terms);
	        schema.$_temp.ruleset = false;
	        return schema;
	    }

	    build(desc, options = {}) {

	        if (desc === null) {
	            return null;
	        }

	        if (Array.isArray(desc)) {
	            return desc.map((item) => this.build(item));
	        }

	        if (desc instanceof Error) {
	            return desc;
	        }

	        if (options.assign === 'options') {
	            return clone(desc);
	        }

	        if (options.assign === 'regex') {
	            return internals.regex(desc);
	        }

	        if (options.assign === 'ref') {
	            return Ref.build(desc);
	        }

	        if (typeof desc !== 'object') {
	            return desc;
	        }

	        if (Object.keys(desc).length === 1) {
	            if (desc.buffer) {
	                assert(Buffer, 'Buffers are not supported');
	                return Buffer && Buffer.from(desc.buffer, 'binary');                    // $lab:coverage:ignore$
	            }

	            if (desc.function) {
	                return { [Common.symbols.literal]: true, literal: desc.function };
	            }

	            if (desc.override) {
	                return Common.symbols.override;
	            }

	            if (desc.ref) {
	                return Ref.build(desc.ref);
	            }

	            if (desc.regex) {
	                return internals.regex(desc.regex);
	            }

	            if (desc.special) {
	                assert(['deep'].includes(desc.special), 'Unknown special value', desc.special);
	                return Common.symbols.deepDefault;
	            }

	            if (desc.value) {
	                return clone(desc.value);
	            }
	        }

	        if (desc.type) {
	            return this.parse(desc);
	        }

	        if (desc.template) {
	            return Template.build(desc);
	        }

	        const normalized = {};
	        for (const key of Object.keys(desc)) {
	            normalized[key] = this.build(desc[key], { assign: key });
	        }

	        return normalized;
	    }
	};


	internals.regex = function (string) {

	    const end = string.lastIndexOf('/');
	    const exp = string.slice(1, end);
	    const flags = string.slice(end + 1);
	    return new RegExp(exp, flags);
	};


	internals.validate = function (joi, desc) {

	    Schemas = Schemas || requireSchemas();

	    joi.assert(desc, Schemas.description);
	};
	return manifest;
}

var trace = {};

var lib$2 = {};

var hasRequiredLib$2;

function requireLib$2 () {
	if (hasRequiredLib$2) return lib$2;
	hasRequiredLib$2 = 1;


	lib$2.location = function (depth = 0) {

	    const orig = Error.prepareStackTrace;
	    Error.prepareStackTrace = (ignore, stack) => stack;

	    const capture = {};
	    Error.captureStackTrace(capture, this);
	    const line = capture.stack[depth + 1];

	    Error.prepareStackTrace = orig;

	    return {
	        filename: line.getFileName(),
	        line: line.getLineNumber()
	    };
	};
	return lib$2;
}

var hasRequiredTrace;

function requireTrace () {
	if (hasRequiredTrace) return trace;
	hasRequiredTrace = 1;

	const { deepEqual } = requireLib$4();
	const Pinpoint = requireLib$2();

	const Errors = requireErrors();


	const internals = {
	    codes: {
	        error: 1,
	        pass: 2,
	        full: 3
	    },
	    labels: {
	        0: 'never used',
	        1: 'always error',
	        2: 'always pass'
	    }
	};


	trace.setup = function (root) {

	    const trace = function () {

	        root._tracer = root._tracer || new internals.Tracer();
	        return root._tracer;
	    };

	    root.trace = trace;
	    root[Symbol.for('@hapi/lab/coverage/initialize')] = trace;

	    root.untrace = () => {

	        root._tracer = null;
	    };
	};


	trace.location = function (schema) {

	    return schema.$_setFlag('_tracerLocation', Pinpoint.location(2));                       // base.tracer(), caller
	};


	internals.Tracer = class {

	    constructor() {

	        this.name = 'Joi';
	        this._schemas = new Map();
	    }

	    _register(schema) {

	        const existing = this._schemas.get(schema);
	        if (existing) {
	            return existing.store;
	        }

	        const store = new internals.Store(schema);
	        const { filename, line } = schema._flags._tracerLocation || Pinpoint.location(5);   // internals.tracer(), internals.entry(), exports.entry(), validate(), caller
	        this._schemas.set(schema, { filename, line, store });
	        return store;
	    }

	    _combine(merged, sources) {

	        for (const { store } of this._schemas.values()) {
	            store._combine(merged, sources);
	        }
	    }

	    report(file) {

	        const coverage = [];

	        // Process each registered schema

	        for (const { filename, line, store } of this._schemas.values()) {
	            if (file &&
	                file !== filename) {

	                continue;
	            }

	            // Process sub schemas of the registered root

	            const missing = [];
	            const skipped = [];

	            for (const [schema, log] of store._sources.entries()) {

	                // Check if sub schema parent skipped

	                if (internals.sub(log.paths, skipped)) {
	                    continue;
	                }

	                // Check if sub schema reached

	                if (!log.entry) {
	                    missing.push({
	                        status: 'never reached',
	                        paths: [...log.paths]
	                    });

	                    skipped.push(...log.paths);
	                    continue;
	                }

	                // Check values

	                for (const type of ['valid', 'invalid']) {
	                    const set = schema[`_${type}s`];
	                    if (!set) {
	                        continue;
	                    }

	                    const values = new Set(set._values);
	                    const refs = new Set(set._refs);
	                    for (const { value, ref } of log[type]) {
	                        values.delete(value);
	                        refs.delete(ref);
	                    }

	                    if (values.size ||
	                        refs.size) {

	                        missing.push({
	                            status: [...values, ...[...refs].map((ref) => ref.display)],
	                            rule: `${type}s`
	                        });
	                    }
	                }

	                // Check rules status

	                const rules = schema._rules.map((rule) => rule.name);
	                for (const type of ['default', 'failover']) {
	                    if (schema._flags[type] !== undefined) {
	                        rules.push(type);
	                    }
	                }

	                for (const name of rules) {
	                    const status = internals.labels[log.rule[name] || 0];
	                    if (status) {
	                        const report = { rule: name, status };
	                        if (log.paths.size) {
	                            report.paths = [...log.paths];
	                        }

	                        missing.push(report);
	                    }
	                }
	            }

	            if (missing.length) {
	                coverage.push({
	                    filename,
	                    line,
	                    missing,
	                    severity: 'error',
	                    message: `Schema missing tests for ${missing.map(internals.message).join(', ')}`
	                });
	            }
	        }

	        return coverage.length ? coverage : null;
	    }
	};


	internals.Store = class {

	    constructor(schema) {

	        this.active = true;
	        this._sources = new Map();          // schema -> { paths, entry, rule, valid, invalid }
	        this._combos = new Map();           // merged -> [sources]
	        this._scan(schema);
	    }

	    debug(state, source, name, result) {

	        state.mainstay.debug && state.mainstay.debug.push({ type: source, name, result, path: state.path });
	    }

	    entry(schema, state) {

	        internals.debug(state, { type: 'entry' });

	        this._record(schema, (log) => {

	            log.entry = true;
	        });
	    }

	    filter(schema, state, source, value) {

	        internals.debug(state, { type: source, ...value });

	        this._record(schema, (log) => {

	            log[source].add(value);
	        });
	    }

	    log(schema, state, source, name, result) {

	        internals.debug(state, { type: source, name, result: result === 'full' ? 'pass' : result });

	        this._record(schema, (log) => {

	            log[source][name] = log[source][name] || 0;
	            log[source][name] |= internals.codes[result];
	        });
	    }

	    resolve(state, ref, to) {

	        if (!state.mainstay.debug) {
	            return;
	        }

	        const log = { type: 'resolve', ref: ref.display, to, path: state.path };
	        state.mainstay.debug.push(log);
	    }

	    value(state, by, from, to, name) {

	        if (!state.mainstay.debug ||
	            deepEqual(from, to)) {

	            return;
	        }

	        const log = { type: 'value', by, from, to, path: state.path };
	        if (name) {
	            log.name = name;
	        }

	        state.mainstay.debug.push(log);
	    }

	    _record(schema, each) {

	        const log = this._sources.get(schema);
	        if (log) {
	            each(log);
	            return;
	        }

	        const sources = this._combos.get(schema);
	        for (const source of sources) {
	            this._record(source, each);
	        }
	    }

	    _scan(schema, _path) {

	        const path = _path || [];

	        let log = this._sources.get(schema);
	        if (!log) {
	            log = {
	                paths: new Set(),
	                entry: false,
	                rule: {},
	                valid: new Set(),
	                invalid: new Set()
	            };

	            this._sources.set(schema, log);
	        }

	        if (path.length) {
	            log.paths.add(path);
	        }

	        const each = (sub, source) => {

	            const subId = internals.id(sub, source);
	            this._scan(sub, path.concat(subId));
	        };

	        schema.$_modify({ each, ref: false });
	    }

	    _combine(merged, sources) {

	        this._combos.set(merged, sources);
	    }
	};


	internals.message = function (item) {

	    const path = item.paths ? Errors.path(item.paths[0]) + (item.rule ? ':' : '') : '';
	    return `${path}${item.rule || ''} (${item.status})`;
	};


	internals.id = function (schema, { source, name, path, key }) {

	    if (schema._flags.id) {
	        return schema._flags.id;
	    }

	    if (key) {
	        return key;
	    }

	    name = `@${name}`;

	    if (source === 'terms') {
	        return [name, path[Math.min(path.length - 1, 1)]];
	    }

	    return name;
	};


	internals.sub = function (paths, skipped) {

	    for (const path of paths) {
	        for (const skip of skipped) {
	            if (deepEqual(path.slice(0, skip.length), skip)) {
	                return true;
	            }
	        }
	    }

	    return false;
	};


	internals.debug = function (state, event) {

	    if (state.mainstay.debug) {
	        event.path = state.debug ? [...state.path, state.debug] : state.path;
	        state.mainstay.debug.push(event);
	    }
	};
	return trace;
}

var modify = {};

var hasRequiredModify;

function requireModify () {
	if (hasRequiredModify) return modify;
	hasRequiredModify = 1;
	(function (exports) {

		const { assert } = requireLib$4();

		const Common = requireCommon();
		const Ref = requireRef();


		const internals = {};



		exports.Ids = internals.Ids = class {

		    constructor() {

		        this._byId = new Map();
		        this._byKey = new Map();
		        this._schemaChain = false;
		    }

		    clone() {

		        const clone = new internals.Ids();

		        // Most schemas have no ids nor keys, so we keep the empty maps the constructor already made

		        if (this._byId.size) {
		            clone._byId = new Map(this._byId);
		        }

		        if (this._byKey.size) {
		            clone._byKey = new Map(this._byKey);
		        }

		        clone._schemaChain = this._schemaChain;
		        return clone;
		    }

		    concat(source) {

		        if (source._schemaChain) {
		            this._schemaChain = true;
		        }

		        for (const [id, value] of source._byId.entries()) {
		            assert(!this._byKey.has(id), 'Schema id conflicts with existing key:', id);
		            this._byId.set(id, value);
		        }

		        for (const [key, value] of source._byKey.entries()) {
		            assert(!this._byId.has(key), 'Schema key conflicts with existing id:', key);
		            this._byKey.set(key, value);
		        }
		    }

		    fork(path, adjuster, root) {

		        const chain = this._collect(path);
		        chain.push({ schema: root });
		        const tail = chain.shift();
		        let adjusted = { id: tail.id, schema: adjuster(tail.schema) };

		        assert(Common.isSchema(adjusted.schema), 'adjuster function failed to return a joi schema type');

		        for (const node of chain) {
		            adjusted = { id: node.id, schema: internals.fork(node.schema, adjusted.id, adjusted.schema) };
		        }

		        return adjusted.schema;
		    }

		    labels(path, behind = []) {

		        const current = path[0];
		        const node = this._get(current);
		        if (!node) {
		            return [...behind, ...path].join('.');
		        }

		        const forward = path.slice(1);
		        behind = [...behind, node.schema._flags.label || current];
		        if (!forward.length) {
		            return behind.join('.');
		        }

		        return node.schema._ids.labels(forward, behind);
		    }

		    reach(path, behind = []) {

		        const current = path[0];
		        const node = this._get(current);
		        assert(node, 'Schema does not contain path', [...behind, ...path].join('.'));

		        const forward = path.slice(1);
		        if (!forward.length) {
		            return node.schema;
		        }

		        return node.schema._ids.reach(forward, [...behind, current]);
		    }

		    register(schema, { key } = {}) {

		        if (!schema ||
		            !Common.isSchema(schema)) {

		            return;
		        }

		        if (schema.$_property('schemaChain') ||
		            schema._ids._schemaChain) {

		            this._schemaChain = true;
		        }

		        const id = schema._flags.id;
		        if (id) {
		            const existing = this._byId.get(id);
		            assert(!existing || existing.schema === schema, 'Cannot add different schemas with the same id:', id);
		            assert(!this._byKey.has(id), 'Schema id conflicts with existing key:', id);

		            this._byId.set(id, { schema, id });
		        }

		        if (key) {
		            assert(!this._byKey.has(key), 'Schema already contains key:', key);
		            assert(!this._byId.has(key), 'Schema key conflicts with existing id:', key);

		            this._byKey.set(key, { schema, id: key });
		        }
		    }

		    reset() {

		        this._byId = new Map();
		        this._byKey = new Map();
		        this._schemaChain = false;
		    }

		    _collect(path, behind = [], nodes = []) {

		        const current = path[0];
		        const node = this._get(current);
		        assert(node, 'Schema does not contain path', [...behind, ...path].join('.'));

		        nodes = [node, ...nodes];

		        const forward = path.slice(1);
		        if (!forward.length) {
		            return nodes;
		        }

		        return node.schema._ids._collect(forward, [...behind, current], nodes);
		    }

		    _get(id) {

		        return this._byId.get(id) || this._byKey.get(id);
		    }
		};


		internals.fork = function (schema, id, replacement) {

		    const each = (item, { key }) => {

		        if (id === (item._flags.id || key)) {
		            return replacement;
		        }
		    };

		    const obj = exports.schema(schema, { each, ref: false });
		    return obj ? obj.$_mutateRebuild() : schema;
		};


		exports.schema = function (schema, options) {

		    let obj;

		    for (const name of Object.keys(schema._flags)) {
		        if (name[0] === '_') {
		            continue;
		        }

		        const result = internals.scan(schema._flags[name], { source: 'flags', name }, options);
		        if (result !== undefined) {
		            obj = obj || schema.clone();
		            obj._flags[name] = result;
		        }
		    }

		    for (let i = 0; i < schema._rules.length; ++i) {
		        const rule = schema._rules[i];
		        const result = internals.scan(rule.args, { source: 'rules', name: rule.name }, options);
		        if (result !== undefined) {
		            obj = obj || schema.clone();
		            const clone = Object.assign({}, rule);
		            clone.args = result;
		            obj._rules[i] = clone;

		            const existingUnique = obj._singleRules.get(rule.name);
		            if (existingUnique === rule) {
		                obj._singleRules.set(rule.name, clone);
		            }
		        }
		    }

		    for (const name of Object.keys(schema.$_terms)) {
		        if (name[0] === '_') {
		            continue;
		        }

		        const result = internals.scan(schema.$_terms[name], { source: 'terms', name }, options);
		        if (result !== undefined) {
		            obj = obj || schema.clone();
		            obj.$_terms[name] = result;
		        }
		    }

		    return obj;
		};


		internals.scan = function (item, source, options, _path, _key) {

		    const path = _path || [];

		    if (item === null ||
		        typeof item !== 'object') {

		        return;
		    }

		    let clone;

		    if (Array.isArray(item)) {
		        for (let i = 0; i < item.length; ++i) {
		            const key = source.source === 'terms' && source.name === 'keys' && item[i].key;
		            const result = internals.scan(item[i], source, options, [i, ...path], key);
		            if (result !== undefined) {
		                clone = clone || item.slice();
		                clone[i] = result;
		            }
		        }

		        return clone;
		    }

		    if (options.schema !== false && Common.isSchema(item) ||
		        options.ref !== false && Ref.isRef(item)) {

		        const result = options.each(item, { ...source, path, key: _key });
		        if (result === item) {
		            return;
		        }

		        return result;
		    }

		    for (const key of Object.keys(item)) {
		        if (key[0] === '_') {
		            continue;
		        }

		        const result = internals.scan(item[key], source, options, [key, ...path], _key);
		        if (result !== undefined) {
		            clone = clone || Object.assign({}, item);
		            clone[key] = result;
		        }
		    }

		    return clone;
		}; 
	} (modify));
	return modify;
}

var validator = {};

var state;
var hasRequiredState;

function requireState () {
	if (hasRequiredState) return state;
	hasRequiredState = 1;

	const { clone, reach } = requireLib$4();

	const Common = requireCommon();


	const internals = {
	    value: Symbol('value')
	};


	state = internals.State = class {

	    constructor(path, ancestors, state) {

	        this.path = path;
	        this.ancestors = ancestors;                 // [parent, ..., root]

	        this.mainstay = state.mainstay;
	        this.schemas = state.schemas;               // [current, ..., root]
	        this.debug = null;
	    }

	    localize(path, ancestors = null, schema = null) {

	        const state = new internals.State(path, ancestors, this);

	        if (schema &&
	            state.schemas) {

	            state.schemas = [internals.schemas(schema), ...state.schemas];
	        }

	        return state;
	    }

	    nest(schema, debug) {

	        const state = new internals.State(this.path, this.ancestors, this);
	        state.schemas = state.schemas && [internals.schemas(schema), ...state.schemas];
	        state.debug = debug;
	        return state;
	    }

	    shadow(value, reason) {

	        this.mainstay.shadow = this.mainstay.shadow || new internals.Shadow();
	        this.mainstay.shadow.set(this.path, value, reason);
	    }

	    snapshot() {

	        if (this.mainstay.shadow) {
	            this._snapshot = clone(this.mainstay.shadow.node(this.path));
	        }

	        this.mainstay.snapshot();
	    }

	    restore() {

	        if (this.mainstay.shadow) {
	            this.mainstay.shadow.override(this.path, this._snapshot);
	            this._snapshot = undefined;
	        }

	        this.mainstay.restore();
	    }

	    commit() {

	        if (this.mainstay.shadow) {
	            this.mainstay.shadow.override(this.path, this._snapshot);
	            this._snapshot = undefined;
	        }

	        this.mainstay.commit();
	    }
	};


	internals.schemas = function (schema) {

	    if (Common.isSchema(schema)) {
	        return { schema };
	    }

	    return schema;
	};


	internals.Shadow = class {

	    constructor() {

	        this._values = null;
	    }

	    set(path, value, reason) {

	        if (!path.length) {                                     // No need to store root value
	            return;
	        }

	        if (reason === 'strip' &&
	            typeof path[path.length - 1] === 'number') {        // Cannot store stripped array values (due to shift)

	            return;
	        }

	        this._values = this._values || new Map();

	        let node = this._values;
	        for (let i = 0; i < path.length; ++i) {
	            const segment = path[i];
	            let next = node.get(segment);
	            if (!next) {
	                next = new Map();
	                node.set(segment, next);
	            }

	            node = next;
	        }

	        node[internals.value] = value;
	    }

	    get(path) {

	        const node = this.node(path);
	        if (node) {
	            return node[internals.value];
	        }
	    }

	    node(path) {

	        if (!this._values) {
	            return;
	        }

	        return reach(this._values, path, { iterables: true });
	    }

	    override(path, node) {

	        if (!this._values) {
	            return;
	        }

	        const parents = path.slice(0, -1);
	        const own = path[path.length - 1];
	        const parent = reach(this._values, parents, { iterables: true });

	        if (node) {
	            parent.set(own, node);
	            return;
	        }

	        if (parent) {
	            parent.delete(own);
	        }
	    }
	};
	return state;
}

var hasRequiredValidator;

function requireValidator () {
	if (hasRequiredValidator) return validator;
	hasRequiredValidator = 1;
	(function (exports) {

		const { assert, clone, ignore, reach } = requireLib$4();

		const Common = requireCommon();
		const Errors = requireErrors();
		const State = requireState();


		const internals = {
		    result: Symbol('result')
		};


		exports.entry = function (value, schema, prefs) {

		    let settings = Common.defaults;
		    if (prefs) {
		        assert(prefs.warnings === undefined, 'Cannot override warnings preference in synchronous validation');
		        assert(prefs.artifacts === undefined, 'Cannot override artifacts preference in synchronous validation');
		        settings = Common.preferences(Common.defaults, prefs);
		    }

		    const result = internals.entry(value, schema, settings);
		    assert(!result.mainstay.externals.length, 'Schema with external rules must use validateAsync()');
		    const outcome = { value: result.value };

		    if (result.error) {
		        outcome.error = result.error;
		    }

		    if (result.mainstay.warnings.length) {
		        outcome.warning = Errors.details(result.mainstay.warnings);
		    }

		    if (result.mainstay.debug) {
		        outcome.debug = result.mainstay.debug;
		    }

		    if (result.mainstay.artifacts) {
		        outcome.artifacts = result.mainstay.artifacts;
		    }

		    return outcome;
		};


		exports.entryAsync = async function (value, schema, prefs) {

		    let settings = Common.defaults;
		    if (prefs) {
		        settings = Common.preferences(Common.defaults, prefs);
		    }

		    const result = internals.entry(value, schema, settings);
		    const mainstay = result.mainstay;
		    if (result.error) {
		        if (mainstay.debug) {
		            result.error.debug = mainstay.debug;
		        }

		        throw result.error;
		    }

		    if (mainstay.externals.length) {
		        let root = result.value;
		        const errors = [];
		        for (const external of mainstay.externals) {
		            const path = external.state.path;
		            const linked = external.schema.type === 'link' ? mainstay.links.get(external.schema) : null;
		            let node = root;
		            let key;
		            let parent;

		            const ancestors = path.length ? [root] : [];
		            const original = path.length ? reach(value, path) : value;

		            if (path.length) {
		                key = path[path.length - 1];

		                let current = root;
		                for (const segment of path.slice(0, -1)) {
		                    current = current[segment];
		                    ancestors.unshift(current);
		                }

		                parent = ancestors[0];
		                node = parent[key];
		            }

		            try {
		                const createError = (code, local) => (linked || external.schema).$_createError(code, node, local, external.state, settings);
		                const output = await external.method(node, {
		                    schema: external.schema,
		                    linked,
		                    state: external.state,
		                    prefs,
		                    original,
		                    error: createError,
		                    errorsArray: internals.errorsArray,
		                    warn: (code, local) => mainstay.warnings.push((linked || external.schema).$_createError(code, node, local, external.state, settings)),
		                    message: (messages, local) => (linked || external.schema).$_createError('external', node, local, external.state, settings, { messages })
		                });

		                if (output === undefined ||
		                    output === node) {

		                    continue;
		                }

		                if (output instanceof Errors.Report) {
		                    mainstay.tracer.log(external.schema, external.state, 'rule', 'external', 'error');
		                    errors.push(output);

		                    if (settings.abortEarly) {
		                        break;
		                    }

		                    continue;
		                }

		                if (Array.isArray(output) &&
		                    output[Common.symbols.errors]) {
		                    mainstay.tracer.log(external.schema, external.state, 'rule', 'external', 'error');
		                    errors.push(...output);

		                    if (settings.abortEarly) {
		                        break;
		                    }

		                    continue;
		                }

		                if (parent) {
		                    mainstay.tracer.value(external.state, 'rule', node, output, 'external');
		                    parent[key] = output;
		                }
		                else {
		                    mainstay.tracer.value(external.state, 'rule', root, output, 'external');
		                    root = output;
		                }
		            }
		            catch (err) {
		                if (settings.errors.label) {
		                    err.message += ` (${(external.label)})`;       // Change message to include path
		                }

		                throw err;
		            }
		        }

		        result.value = root;

		        if (errors.length) {
		            result.error = Errors.process(errors, value, settings);

		            if (mainstay.debug) {
		                result.error.debug = mainstay.debug;
		            }

		            throw result.error;
		        }
		    }

		    if (!settings.warnings &&
		        !settings.debug &&
		        !settings.artifacts) {

		        return result.value;
		    }

		    const outcome = { value: result.value };
		    if (mainstay.warnings.length) {
		        outcome.warning = Errors.details(mainstay.warnings);
		    }

		    if (mainstay.debug) {
		        outcome.debug = mainstay.debug;
		    }

		    if (mainstay.artifacts) {
		        outcome.artifacts = mainstay.artifacts;
		    }

		    return outcome;
		};


		exports.standard = function (value, schema, options) {

		    const prefs = options?.libraryOptions;

		    if (schema.isAsync()) {
		        return exports.entryAsync(value, schema, prefs);
		    }

		    return exports.entry(value, schema, prefs);
		};


		internals.Mainstay = class {

		    constructor(tracer, debug, links) {

		        this.externals = [];
		        this.warnings = [];
		        this.tracer = tracer;
		        this.debug = debug;
		        this.links = links;
		        this.shadow = null;
		        this.artifacts = null;

		        this._snapshots = [];
		    }

		    snapshot() {

		        // Both lists are append-only during the walk, so we only need to remember where to truncate

		        this._snapshots.push({
		            externals: this.externals.length,
		            warnings: this.warnings.length
		        });
		    }

		    restore() {

		        const snapshot = this._snapshots.pop();
		        this.externals.length = snapshot.externals;
		        this.warnings.length = snapshot.warnings;
		    }

		    commit() {

		        this._snapshots.pop();
		    }
		};


		internals.entry = function (value, schema, prefs) {

		    // Prepare state

		    const { tracer, cleanup } = internals.tracer(schema, prefs);
		    const debug = prefs.debug ? [] : null;
		    const links = schema._ids._schemaChain ? new Map() : null;
		    const mainstay = new internals.Mainstay(tracer, debug, links);
		    const schemas = schema._ids._schemaChain ? [{ schema }] : null;
		    const state = new State([], [], { mainstay, schemas });

		    // Validate value

		    const result = exports.validate(value, schema, state, prefs);

		    // Process value and errors

		    if (cleanup) {
		        schema.$_root.untrace();
		    }

		    const error = Errors.process(result.errors, value, prefs);
		    return { value: result.value, error, mainstay };
		};


		internals.tracer = function (schema, prefs) {

		    if (schema.$_root._tracer) {
		        return { tracer: schema.$_root._tracer._register(schema) };
		    }

		    if (prefs.debug) {
		        assert(schema.$_root.trace, 'Debug mode not supported');
		        return { tracer: schema.$_root.trace()._register(schema), cleanup: true };
		    }

		    return { tracer: internals.ignore };
		};


		exports.validate = function (value, schema, state, prefs, overrides = {}) {

		    if (schema.$_terms.whens) {
		        schema = schema._generate(value, state, prefs).schema;
		    }

		    // Setup state and settings

		    if (schema._preferences) {
		        prefs = internals.prefs(schema, prefs);
		    }

		    // Cache

		    if (schema._cache &&
		        prefs.cache) {

		        const result = schema._cache.get(value);
		        state.mainstay.tracer.debug(state, 'validate', 'cached', !!result);
		        if (result) {
		            return result;
		        }
		    }

		    // Failover scope

		    if (schema._flags.failover !== undefined) {
		        state.snapshot();                       // A failover discards the value, so it must discard whatever validating it registered
		    }

		    // Helpers

		    const createError = (code, local, localState) => schema.$_createError(code, value, local, localState || state, prefs);
		    const helpers = {
		        original: value,
		        prefs,
		        schema,
		        state,
		        error: createError,
		        errorsArray: internals.errorsArray,
		        warn: (code, local, localState) => state.mainstay.warnings.push(createError(code, local, localState)),
		        message: (messages, local) => schema.$_createError('custom', value, local, state, prefs, { messages })
		    };

		    // Prepare

		    state.mainstay.tracer.entry(schema, state);

		    const def = schema._definition;
		    if (def.prepare &&
		        prefs.convert) {

		        const prepared = def.prepare(value, helpers);
		        if (prepared) {
		            state.mainstay.tracer.value(state, 'prepare', value, prepared.value);
		            if (prepared.errors) {
		                return internals.finalize(prepared.value, [].concat(prepared.errors), helpers);         // Prepare error always aborts early
		            }

		            value = prepared.value;
		        }
		    }

		    // Type coercion

		    if (def.coerce &&
		        value !== undefined &&
		        prefs.convert &&
		        (!def.coerce.from || def.coerce.from.includes(typeof value))) {

		        const coerced = def.coerce.method(value, helpers);
		        if (coerced) {
		            state.mainstay.tracer.value(state, 'coerced', value, coerced.value);
		            if (coerced.errors) {
		                return internals.finalize(coerced.value, [].concat(coerced.errors), helpers);           // Coerce error always aborts early
		            }

		            value = coerced.value;
		        }
		    }

		    // Empty value

		    const empty = schema._flags.empty;
		    if (empty &&
		        empty.$_match(internals.trim(value, schema), state.nest(empty), Common.defaults)) {

		        state.mainstay.tracer.value(state, 'empty', value, undefined);
		        value = undefined;
		    }

		    // Presence requirements (required, optional, forbidden)

		    const presence = overrides.presence || schema._flags.presence || (schema._flags._endedSwitch ? null : prefs.presence);
		    if (value === undefined) {
		        if (presence === 'forbidden') {
		            return internals.finalize(value, null, helpers);
		        }

		        if (presence === 'required') {
		            return internals.finalize(value, [schema.$_createError('any.required', value, null, state, prefs)], helpers);
		        }

		        if (presence === 'optional') {
		            if (schema._flags.default !== Common.symbols.deepDefault) {
		                return internals.finalize(value, null, helpers);
		            }

		            state.mainstay.tracer.value(state, 'default', value, {});
		            value = {};
		        }
		    }
		    else if (presence === 'forbidden') {
		        return internals.finalize(value, [schema.$_createError('any.unknown', value, null, state, prefs)], helpers);
		    }

		    // Allowed values

		    const errors = [];

		    if (schema._valids) {
		        const match = schema._valids.get(value, state, prefs, schema._flags.insensitive);
		        if (match) {
		            if (prefs.convert) {
		                state.mainstay.tracer.value(state, 'valids', value, match.value);
		                value = match.value;
		            }

		            state.mainstay.tracer.filter(schema, state, 'valid', match);
		            return internals.finalize(value, null, helpers);
		        }

		        if (schema._flags.only) {
		            const report = schema.$_createError('any.only', value, { valids: schema._valids.values({ display: true }) }, state, prefs);
		            if (prefs.abortEarly) {
		                return internals.finalize(value, [report], helpers);
		            }

		            errors.push(report);
		        }
		    }

		    // Denied values

		    if (schema._invalids) {
		        const match = schema._invalids.get(value, state, prefs, schema._flags.insensitive);
		        if (match) {
		            state.mainstay.tracer.filter(schema, state, 'invalid', match);
		            const report = schema.$_createError('any.invalid', value, { invalids: schema._invalids.values({ display: true }) }, state, prefs);
		            if (prefs.abortEarly) {
		                return internals.finalize(value, [report], helpers);
		            }

		            errors.push(report);
		        }
		    }

		    // Base type

		    if (def.validate) {
		        const base = def.validate(value, helpers);
		        if (base) {
		            state.mainstay.tracer.value(state, 'base', value, base.value);
		            value = base.value;

		            if (base.errors) {
		                if (!Array.isArray(base.errors)) {
		                    errors.push(base.errors);
		                    return internals.finalize(value, errors, helpers);          // Base error always aborts early
		                }

		                if (base.errors.length) {
		                    errors.push(...base.errors);
		                    return internals.finalize(value, errors, helpers);          // Base error always aborts early
		                }
		            }
		        }
		    }

		    // Validate tests

		    if (!schema._rules.length) {
		        return internals.finalize(value, errors, helpers);
		    }

		    return internals.rules(value, errors, helpers);
		};


		internals.rules = function (value, errors, helpers) {

		    const { schema, state, prefs } = helpers;

		    for (const rule of schema._rules) {
		        const definition = schema._definition.rules[rule.method];

		        // Skip rules that are also applied in coerce step

		        if (definition.convert &&
		            prefs.convert) {

		            state.mainstay.tracer.log(schema, state, 'rule', rule.name, 'full');
		            continue;
		        }

		        // Resolve references

		        let ret;
		        let args = rule.args;
		        if (rule._resolve.length) {
		            args = Object.assign({}, args);                                     // Shallow copy
		            for (const key of rule._resolve) {
		                const resolver = definition.argsByName.get(key);

		                const resolved = args[key].resolve(value, state, prefs);
		                const normalized = resolver.normalize ? resolver.normalize(resolved) : resolved;

		                const invalid = Common.validateArg(normalized, null, resolver);
		                if (invalid) {
		                    ret = schema.$_createError('any.ref', resolved, { arg: key, ref: args[key], reason: invalid }, state, prefs);
		                    break;
		                }

		                args[key] = normalized;
		            }
		        }

		        // Test rule

		        ret = ret || definition.validate(value, helpers, args, rule);           // Use ret if already set to reference error

		        const result = internals.rule(ret, rule);
		        if (result.errors) {
		            state.mainstay.tracer.log(schema, state, 'rule', rule.name, 'error');

		            if (rule.warn) {
		                state.mainstay.warnings.push(...result.errors);
		                continue;
		            }

		            if (prefs.abortEarly) {
		                return internals.finalize(value, result.errors, helpers);
		            }

		            errors.push(...result.errors);
		        }
		        else {
		            state.mainstay.tracer.log(schema, state, 'rule', rule.name, 'pass');
		            state.mainstay.tracer.value(state, 'rule', value, result.value, rule.name);
		            value = result.value;
		        }
		    }

		    return internals.finalize(value, errors, helpers);
		};


		internals.rule = function (ret, rule) {

		    if (ret instanceof Errors.Report) {
		        internals.error(ret, rule);
		        return { errors: [ret], value: null };
		    }

		    if (Array.isArray(ret) &&
		        ret[Common.symbols.errors]) {

		        ret.forEach((report) => internals.error(report, rule));
		        return { errors: ret, value: null };
		    }

		    return { errors: null, value: ret };
		};


		internals.error = function (report, rule) {

		    if (rule.message) {
		        report._setTemplate(rule.message);
		    }

		    return report;
		};


		internals.finalize = function (value, errors, helpers) {

		    errors = errors || [];
		    const { schema, state, prefs } = helpers;

		    // Failover value

		    if (schema._flags.failover !== undefined) {
		        let applied = false;

		        if (errors.length) {
		            const failover = internals.default('failover', undefined, errors, helpers);
		            if (failover !== undefined) {
		                state.mainstay.tracer.value(state, 'failover', value, failover);
		                value = failover;
		                errors = [];
		                applied = true;
		            }
		        }

		        // The externals and warnings collected below this point were registered against the value we
		        // just threw away, and the failover value isn't validated, so roll them back

		        if (applied) {
		            state.restore();
		        }
		        else {
		            state.commit();
		        }
		    }

		    // Error override

		    if (errors.length &&
		        schema._flags.error) {

		        if (typeof schema._flags.error === 'function') {
		            errors = schema._flags.error(errors);
		            if (!Array.isArray(errors)) {
		                errors = [errors];
		            }

		            for (const error of errors) {
		                assert(error instanceof Error || error instanceof Errors.Report, 'error() must return an Error object');
		            }
		        }
		        else {
		            errors = [schema._flags.error];
		        }
		    }

		    // Default

		    if (value === undefined) {
		        const defaulted = internals.default('default', value, errors, helpers);
		        state.mainstay.tracer.value(state, 'default', value, defaulted);
		        value = defaulted;
		    }

		    // Cast

		    if (schema._flags.cast &&
		        value !== undefined) {

		        const caster = schema._definition.cast[schema._flags.cast];
		        if (caster.from(value)) {
		            const casted = caster.to(value, helpers);
		            state.mainstay.tracer.value(state, 'cast', value, casted, schema._flags.cast);
		            value = casted;
		        }
		    }

		    // Externals

		    if (schema.$_terms.externals &&
		        prefs.externals &&
		        prefs._externals !== false) {                       // Disabled for matching

		        for (const { method } of schema.$_terms.externals) {
		            state.mainstay.externals.push({ method, schema, state, label: Errors.label(schema._flags, state, prefs) });
		        }
		    }

		    // Result

		    const result = { value, errors: errors.length ? errors : null };

		    if (schema._flags.result) {
		        result.value = schema._flags.result === 'strip' ? undefined : /* raw */ helpers.original;
		        state.mainstay.tracer.value(state, schema._flags.result, value, result.value);
		        state.shadow(value, schema._flags.result);
		    }

		    // Cache

		    if (schema._cache &&
		        prefs.cache !== false &&
		        !schema._refs.length) {

		        schema._cache.set(helpers.original, result);
		    }

		    // Artifacts

		    if (value !== undefined &&
		        !result.errors &&
		        schema._flags.artifact !== undefined) {

		        state.mainstay.artifacts = state.mainstay.artifacts || new Map();
		        if (!state.mainstay.artifacts.has(schema._flags.artifact)) {
		            state.mainstay.artifacts.set(schema._flags.artifact, []);
		        }

		        state.mainstay.artifacts.get(schema._flags.artifact).push(state.path);
		    }

		    return result;
		};


		internals.prefs = function (schema, prefs) {

		    const isDefaultOptions = prefs === Common.defaults;
		    if (isDefaultOptions &&
		        schema._preferences[Common.symbols.prefs]) {

		        return schema._preferences[Common.symbols.prefs];
		    }

		    prefs = Common.preferences(prefs, schema._preferences);
		    if (isDefaultOptions) {
		        schema._preferences[Common.symbols.prefs] = prefs;
		    }

		    return prefs;
		};


		internals.default = function (flag, value, errors, helpers) {

		    const { schema, state, prefs } = helpers;
		    const source = schema._flags[flag];
		    if (prefs.noDefaults ||
		        source === undefined) {

		        return value;
		    }

		    state.mainstay.tracer.log(schema, state, 'rule', flag, 'full');

		    if (!source) {
		        return source;
		    }

		    if (typeof source === 'function') {
		        const args = source.length ? [clone(state.ancestors[0]), helpers] : [];

		        try {
		            return source(...args);
		        }
		        catch (err) {
		            errors.push(schema.$_createError(`any.${flag}`, null, { error: err }, state, prefs));
		            return;
		        }
		    }

		    if (typeof source !== 'object') {
		        return source;
		    }

		    if (source[Common.symbols.literal]) {
		        return source.literal;
		    }

		    if (Common.isResolvable(source)) {
		        return source.resolve(value, state, prefs);
		    }

		    return clone(source);
		};


		internals.trim = function (value, schema) {

		    if (typeof value !== 'string') {
		        return value;
		    }

		    const trim = schema.$_getRule('trim');
		    if (!trim ||
		        !trim.args.enabled) {

		        return value;
		    }

		    return value.trim();
		};


		internals.ignore = {
		    active: false,
		    debug: ignore,
		    entry: ignore,
		    filter: ignore,
		    log: ignore,
		    resolve: ignore,
		    value: ignore
		};


		internals.errorsArray = function () {

		    const errors = [];
		    errors[Common.symbols.errors] = true;
		    return errors;
		}; 
	} (validator));
	return validator;
}

var values;
var hasRequiredValues;

function requireValues () {
	if (hasRequiredValues) return values;
	hasRequiredValues = 1;

	const { assert, deepEqual } = requireLib$4();

	const Common = requireCommon();


	const internals = {};


	values = internals.Values = class {

	    constructor(values, refs) {

	        this._values = new Set(values);
	        this._refs = new Set(refs);
	        this._lowercase = internals.lowercases(values);

	        this._override = false;
	    }

	    get length() {

	        return this._values.size + this._refs.size;
	    }

	    add(value, refs) {

	        // Reference

	        if (Common.isResolvable(value)) {
	            if (!this._refs.has(value)) {
	                this._refs.add(value);

	                if (refs) {                     // Skipped in a merge
	                    refs.register(value);
	                }
	            }

	            return;
	        }

	        // Value

	        if (!this.has(value, null, null, false)) {
	            this._values.add(value);

	            if (typeof value === 'string') {
	                this._lowercase.set(value.toLowerCase(), value);
	            }
	        }
	    }

	    static merge(target, source, remove) {

	        target = target || new internals.Values();

	        if (source) {
	            if (source._override) {
	                return source.clone();
	            }

	            for (const item of [...source._values, ...source._refs]) {
	                target.add(item);
	            }
	        }

	        if (remove) {
	            for (const item of [...remove._values, ...remove._refs]) {
	                target.remove(item);
	            }
	        }

	        return target.length ? target : null;
	    }

	    remove(value) {

	        // Reference

	        if (Common.isResolvable(value)) {
	            this._refs.delete(value);
	            return;
	        }

	        // Value

	        this._values.delete(value);

	        if (typeof value === 'string') {
	            this._lowercase.delete(value.toLowerCase());
	        }
	    }

	    has(value, state, prefs, insensitive) {

	        return !!this.get(value, state, prefs, insensitive);
	    }

	    get(value, state, prefs, insensitive) {

	        if (!this.length) {
	            return false;
	        }

	        // Simple match

	        if (this._values.has(value)) {
	            return { value };
	        }

	        // Case insensitive string match

	        if (typeof value === 'string' &&
	            value &&
	            insensitive) {

	            const found = this._lowercase.get(value.toLowerCase());
	            if (found) {
	                return { value: found };
	            }
	        }

	        if (!this._refs.size &&
	            typeof value !== 'object') {

	            return false;
	        }

	        // Objects

	        if (typeof value === 'object') {
	            for (const item of this._values) {
	                if (deepEqual(item, value)) {
	                    return { value: item };
	                }
	            }
	        }

	        // References

	        if (state) {
	            for (const ref of this._refs) {
	                const resolved = ref.resolve(value, state, prefs, null, { in: true });
	                if (resolved === undefined) {
	                    continue;
	                }

	                const items = !ref.in || typeof resolved !== 'object'
	                    ? [resolved]
	                    : Array.isArray(resolved) ? resolved : Object.keys(resolved);

	                for (const item of items) {
	                    if (typeof item !== typeof value) {
	                        continue;
	                    }

	                    if (insensitive &&
	                        value &&
	                        typeof value === 'string') {

	                        if (item.toLowerCase() === value.toLowerCase()) {
	                            return { value: item, ref };
	                        }
	                    }
	                    else {
	                        if (deepEqual(item, value)) {
	                            return { value: item, ref };
	                        }
	                    }
	                }
	            }
	        }

	        return false;
	    }

	    override() {

	        this._override = true;
	    }

	    values(options) {

	        if (options &&
	            options.display) {

	            const values = [];

	            for (const item of [...this._values, ...this._refs]) {
	                if (item !== undefined) {
	                    values.push(item);
	                }
	            }

	            return values;
	        }

	        return Array.from([...this._values, ...this._refs]);
	    }

	    clone() {

	        const set = new internals.Values(this._values, this._refs);
	        set._override = this._override;
	        return set;
	    }

	    concat(source) {

	        assert(!source._override, 'Cannot concat override set of values');

	        const set = new internals.Values([...this._values, ...source._values], [...this._refs, ...source._refs]);
	        set._override = this._override;
	        return set;
	    }

	    describe() {

	        const normalized = [];

	        if (this._override) {
	            normalized.push({ override: true });
	        }

	        for (const value of this._values.values()) {
	            normalized.push(value && typeof value === 'object' ? { value } : value);
	        }

	        for (const value of this._refs.values()) {
	            normalized.push(value.describe());
	        }

	        return normalized;
	    }
	};


	internals.Values.prototype[Common.symbols.values] = true;


	// Aliases

	internals.Values.prototype.slice = internals.Values.prototype.clone;


	// Helpers

	internals.lowercases = function (from) {

	    const map = new Map();

	    if (from) {
	        for (const value of from) {
	            if (typeof value === 'string') {
	                map.set(value.toLowerCase(), value);
	            }
	        }
	    }

	    return map;
	};
	return values;
}

var base;
var hasRequiredBase;

function requireBase () {
	if (hasRequiredBase) return base;
	hasRequiredBase = 1;

	const { assert, clone, deepEqual, merge } = requireLib$4();

	const Cache = requireCache();
	const Common = requireCommon();
	const Compile = requireCompile();
	const Errors = requireErrors();
	const Extend = requireExtend();
	const Manifest = requireManifest();
	const Messages = requireMessages();
	const Modify = requireModify();
	const Ref = requireRef();
	const Trace = requireTrace();
	const Validator = requireValidator();
	const Values = requireValues();


	const internals = {
	    standardTypes: new Set(['string', 'number', 'integer', 'boolean', 'object', 'array', 'null']),
	    jsonSchemaTarget: 'draft-2020-12',
	    primitiveTypes: new Set(['string', 'number', 'boolean']),
	    nullSchema: () => ({ type: 'null' })
	};


	internals.Base = class {

	    constructor(type) {

	        // Naming: public, _private, $_extension, $_mutate{action}

	        this.type = type;

	        this.$_root = null;
	        this._definition = {};
	        this._reset();
	    }

	    _reset() {

	        this._ids = new Modify.Ids();
	        this._preferences = null;
	        this._refs = new Ref.Manager();
	        this._cache = null;

	        this._valids = null;
	        this._invalids = null;

	        this._flags = {};
	        this._rules = [];
	        this._singleRules = new Map();              // The rule options passed for non-multi rules

	        this.$_terms = {};                          // Hash of arrays of immutable objects (extended by other types)

	        this.$_temp = {                             // Runtime state (not cloned)
	            ruleset: null,                          // null: use last, false: error, number: start position
	            whens: {}                               // Runtime cache of generated whens
	        };
	    }

	    // Manifest

	    describe() {

	        assert(typeof Manifest.describe === 'function', 'Manifest functionality disabled');
	        return Manifest.describe(this);
	    }

	    $_jsonSchema(mode, options = {}) {

	        if (options.target !== undefined &&
	            options.target !== internals.jsonSchemaTarget) {

	            throw new Error(`Unsupported JSON Schema target: ${options.target}`);
	        }

	        const rootCall = !options.$defs;
	        const defs = options.$defs ?? {};

	        let schema = {};

	        const isTypeAny = this.type === 'any';
	        const isOnly = this._flags.only;

	        const valids = this._valids && Array.from(this._valids._values).filter((v) => v !== null);
	        let typesOverlap = true;

	        // If 'only' is set, check if the allowed values' types overlap with the schema type

	        if (valids && valids.length && isOnly && !isTypeAny) {
	            const types = new Set(valids.map((v) => typeof v));
	            typesOverlap = types.has(this.type) || (this.type === 'date' && types.has('object'));
	        }

	        // Set the JSON Schema 'type' if it's a standard type and there's an overlap

	        if (!isTypeAny && typesOverlap && internals.standardTypes.has(this.type)) {
	            schema.type = this.type;
	        }

	        if (this._flags.description) {
	            schema.description = this._flags.description;
	        }

	        if (this._flags.default !== undefined && typeof this._flags.default !== 'function') {
	            schema.default = this._flags.default;
	        }

	        // Apply type-specific JSON Schema conversion

	        const subOptions = { ...options, $defs: defs };
	        if (this._definition.jsonSchema && typesOverlap) {
	            schema = this._definition.jsonSchema(this, schema, mode, subOptions);
	        }

	        // Apply rule-specific JSON Schema conversions

	        for (const rule of this._rules) {
	            const definition = this._definition.rules[rule.name];
	            if (definition.jsonSchema && typesOverlap && !rule._resolve.length) {
	                schema = definition.jsonSchema(rule, schema, isOnly, mode, subOptions);
	            }
	        }

	        // Handle shared schemas

	        if (this.$_terms.shared) {
	            for (const shared of this.$_terms.shared) {
	                defs[shared._flags.id] = shared.$_jsonSchema(mode, subOptions);
	            }
	        }

	        if (rootCall && Object.keys(defs).length) {
	            schema.$defs = defs;
	        }

	        // Handle allowed values (valids)

	        if (this._valids) {

	            const values = valids.filter((v) => typeof v !== 'symbol');
	            if (values.length) {
	                if (this._flags.only) {
	                    schema.enum = values;

	                    const list = Common.intersect(new Set(values.map((v) => typeof v)), internals.primitiveTypes);

	                    if (list.size) {
	                        const types = [...list];
	                        schema.type = types.length === 1 ? types[0] : types;
	                    }
	                }
	                else {
	                    // If values are allowed but not exclusive, add them via 'anyOf' if they differ from the main type

	                    const otherTypes = values.filter((v) => typeof v !== this.type || isTypeAny);
	                    if (otherTypes.length && !(isTypeAny && !isOnly)) {
	                        if (!schema.anyOf) {
	                            schema = {
	                                anyOf: [schema]
	                            };
	                        }

	                        schema.anyOf.push({ enum: otherTypes });
	                    }
	                }
	            }
	        }

	        // Handle 'null' if it's an allowed value

	        if (this._valids && this._valids.has(null) && !(isTypeAny && !isOnly)) {
	            if (this._valids.length === 1 && (isTypeAny || isOnly)) {
	                schema.type = 'null';
	            }
	            else if (schema.type) {
	                schema.type = [schema.type, 'null'];
	            }
	            else if (schema.anyOf) {
	                schema.anyOf.unshift(internals.nullSchema());
	            }
	            else {
	                schema = {
	                    anyOf: [
	                        internals.nullSchema(),
	                        schema
	                    ]
	                };
	            }
	        }

	        // Handle conditionals (whens) by generating multiple possible schemas combined with 'anyOf'

	        if (this.$_terms.whens) {

	            const base = this.clone();
	            base.$_terms.whens = null;

	            const matches = [];
	            for (const when of this.$_terms.whens) {
	                const tests = when.is ? [when] : when.switch;
	                for (let i = 0; i < tests.length; ++i) {
	                    const test = tests[i];
	                    if (test.then) {
	                        matches.push(base.concat(test.then).$_jsonSchema(mode, subOptions));
	                    }

	                    if (test.otherwise) {
	                        matches.push(base.concat(test.otherwise).$_jsonSchema(mode, subOptions));
	                    }

	                    if (!test.then || (i === tests.length - 1 && !test.otherwise)) {
	                        matches.push(base.$_jsonSchema(mode, subOptions));
	                    }
	                }
	            }

	            const results = [];
	            for (const match of matches) {
	                if (!results.some((r) => deepEqual(r, match))) {
	                    results.push(match);
	                }
	            }

	            return { anyOf: results };
	        }

	        return schema;
	    }

	    // Rules

	    allow(...values) {

	        Common.verifyFlat(values, 'allow');
	        return this._values(values, '_valids');
	    }

	    alter(targets) {

	        assert(targets && typeof targets === 'object' && !Array.isArray(targets), 'Invalid targets argument');
	        assert(!this._inRuleset(), 'Cannot set alterations inside a ruleset');

	        const obj = this.clone();
	        obj.$_terms.alterations = obj.$_terms.alterations || [];
	        for (const target of Object.keys(targets)) {
	            const adjuster = targets[target];
	            assert(typeof adjuster === 'function', 'Alteration adjuster for', target, 'must be a function');
	            obj.$_terms.alterations.push({ target, adjuster });
	        }

	        obj.$_temp.ruleset = false;
	        return obj;
	    }

	    artifact(id) {

	        assert(id !== undefined, 'Artifact cannot be undefined');
	        assert(!this._cache, 'Cannot set an artifact with a rule cache');

	        return this.$_setFlag('artifact', id);
	    }

	    cast(to) {

	        assert(to === false || typeof to === 'string', 'Invalid to value');
	        assert(to === false || this._definition.cast[to], 'Type', this.type, 'does not support casting to', to);

	        return this.$_setFlag('cast', to === false ? undefined : to);
	    }

	    default(value, options) {

	        return this._default('default', value, options);
	    }

	    description(desc) {

	        assert(desc && typeof desc === 'string', 'Description must be a non-empty string');

	        return this.$_setFlag('description', desc);
	    }

	    empty(schema) {

	        const obj = this.clone();

	        if (schema !== undefined) {
	            schema = obj.$_compile(schema, { override: false });
	        }

	        return obj.$_setFlag('empty', schema, { clone: false });
	    }

	    error(err) {

	        assert(err, 'Missing error');
	        assert(err instanceof Error || typeof err === 'function', 'Must provide a valid Error object or a function');

	        return this.$_setFlag('error', err);
	    }

	    example(example, options = {}) {

	        assert(example !== undefined, 'Missing example');
	        Common.assertOptions(options, ['override']);

	        return this._inner('examples', example, { single: true, override: options.override });
	    }

	    external(method, description) {

	        if (typeof method === 'object') {
	            assert(!description, 'Cannot combine options with description');
	            description = method.description;
	            method = method.method;
	        }

	        assert(typeof method === 'function', 'Method must be a function');
	        assert(description === undefined || description && typeof description === 'string', 'Description must be a non-empty string');

	        return this._inner('externals', { method, description }, { single: true });
	    }

	    failover(value, options) {

	        return this._default('failover', value, options);
	    }

	    forbidden() {

	        return this.presence('forbidden');
	    }

	    id(id) {

	        if (!id) {
	            return this.$_setFlag('id', undefined);
	        }

	        assert(typeof id === 'string', 'id must be a non-empty string');
	        assert(/^[^\.]+$/.test(id), 'id cannot contain period character');

	        return this.$_setFlag('id', id);
	    }

	    invalid(...values) {

	        return this._values(values, '_invalids');
	    }

	    label(name) {

	        assert(name && typeof name === 'string', 'Label name must be a non-empty string');

	        return this.$_setFlag('label', name);
	    }

	    meta(meta) {

	        assert(meta !== undefined, 'Meta cannot be undefined');

	        return this._inner('metas', meta, { single: true });
	    }

	    note(...notes) {

	        assert(notes.length, 'Missing notes');
	        for (const note of notes) {
	            assert(note && typeof note === 'string', 'Notes must be non-empty strings');
	        }

	        return this._inner('notes', notes);
	    }

	    only(mode = true) {

	        assert(typeof mode === 'boolean', 'Invalid mode:', mode);

	        return this.$_setFlag('only', mode);
	    }

	    optional() {

	        return this.presence('optional');
	    }

	    prefs(prefs) {

	        assert(prefs, 'Missing preferences');
	        assert(prefs.context === undefined, 'Cannot override context');
	        assert(prefs.externals === undefined, 'Cannot override externals');
	        assert(prefs.warnings === undefined, 'Cannot override warnings');
	        assert(prefs.debug === undefined, 'Cannot override debug');

	        Common.checkPreferences(prefs);

	        const obj = this.clone();
	        obj._preferences = Common.preferences(obj._preferences, prefs);
	        return obj;
	    }

	    presence(mode) {

	        assert(['optional', 'required', 'forbidden'].includes(mode), 'Unknown presence mode', mode);

	        return this.$_setFlag('presence', mode);
	    }

	    raw(enabled = true) {

	        return this.$_setFlag('result', enabled ? 'raw' : undefined);
	    }

	    result(mode) {

	        assert(['raw', 'strip'].includes(mode), 'Unknown result mode', mode);

	        return this.$_setFlag('result', mode);
	    }

	    required() {

	        return this.presence('required');
	    }

	    strict(enabled) {

	        const obj = this.clone();

	        const convert = enabled === undefined ? false : !enabled;
	        obj._preferences = Common.preferences(obj._preferences, { convert });
	        return obj;
	    }

	    strip(enabled = true) {

	        return this.$_setFlag('result', enabled ? 'strip' : undefined);
	    }

	    tag(...tags) {

	        assert(tags.length, 'Missing tags');
	        for (const tag of tags) {
	            assert(tag && typeof tag === 'string', 'Tags must be non-empty strings');
	        }

	        return this._inner('tags', tags);
	    }

	    unit(name) {

	        assert(name && typeof name === 'string', 'Unit name must be a non-empty string');

	        return this.$_setFlag('unit', name);
	    }

	    valid(...values) {

	        Common.verifyFlat(values, 'valid');

	        const obj = this.allow(...values);
	        obj.$_setFlag('only', !!obj._valids, { clone: false });
	        return obj;
	    }

	    when(condition, options) {

	        const obj = this.clone();

	        if (!obj.$_terms.whens) {
	            obj.$_terms.whens = [];
	        }

	        const when = Compile.when(obj, condition, options);
	        if (!['any', 'link'].includes(obj.type)) {
	            const conditions = when.is ? [when] : when.switch;
	            for (const item of conditions) {
	                assert(!item.then || item.then.type === 'any' || item.then.type === obj.type, 'Cannot combine', obj.type, 'with', item.then && item.then.type);
	                assert(!item.otherwise || item.otherwise.type === 'any' || item.otherwise.type === obj.type, 'Cannot combine', obj.type, 'with', item.otherwise && item.otherwise.type);

	            }
	        }

	        obj.$_terms.whens.push(when);
	        return obj.$_mutateRebuild();
	    }

	    // Helpers

	    cache(cache) {

	        assert(!this._inRuleset(), 'Cannot set caching inside a ruleset');
	        assert(!this._cache, 'Cannot override schema cache');
	        assert(this._flags.artifact === undefined, 'Cannot cache a rule with an artifact');

	        const obj = this.clone();
	        obj._cache = cache || Cache.provider.provision();
	        obj.$_temp.ruleset = false;
	        return obj;
	    }

	    clone() {

	        const obj = Object.create(Object.getPrototypeOf(this));
	        return this._assign(obj);
	    }

	    concat(source) {

	        assert(Common.isSchema(source), 'Invalid schema object');
	        assert(this.type === 'any' || source.type === 'any' || source.type === this.type, 'Cannot merge type', this.type, 'with another type:', source.type);
	        assert(!this._inRuleset(), 'Cannot concatenate onto a schema with open ruleset');
	        assert(!source._inRuleset(), 'Cannot concatenate a schema with open ruleset');

	        let obj = this.clone();

	        if (this.type === 'any' &&
	            source.type !== 'any') {

	            // Change obj to match source type

	            const tmpObj = source.clone();
	            for (const key of Object.keys(obj)) {
	                if (key !== 'type') {
	                    tmpObj[key] = obj[key];
	                }
	            }

	            obj = tmpObj;
	        }

	        obj._ids.concat(source._ids);
	        obj._refs.register(source, Ref.toSibling);

	        obj._preferences = obj._preferences ? Common.preferences(obj._preferences, source._preferences) : source._preferences;
	        obj._valids = Values.merge(obj._valids, source._valids, source._invalids);
	        obj._invalids = Values.merge(obj._invalids, source._invalids, source._valids);

	        // Remove unique rules present in source

	        for (const name of source._singleRules.keys()) {
	            if (obj._singleRules.has(name)) {
	                obj._rules = obj._rules.filter((target) => target.keep || target.name !== name);
	                obj._singleRules.delete(name);
	            }
	        }

	        // Rules

	        for (const test of source._rules) {
	            if (!source._definition.rules[test.method].multi) {
	                obj._singleRules.set(test.name, test);
	            }

	            obj._rules.push(test);
	        }

	        // Flags

	        if (obj._flags.empty &&
	            source._flags.empty) {

	            obj._flags.empty = obj._flags.empty.concat(source._flags.empty);
	            const flags = Object.assign({}, source._flags);
	            delete flags.empty;
	            merge(obj._flags, flags);
	        }
	        else if (source._flags.empty) {
	            obj._flags.empty = source._flags.empty;
	            const flags = Object.assign({}, source._flags);
	            delete flags.empty;
	            merge(obj._flags, flags);
	        }
	        else {
	            merge(obj._flags, source._flags);
	        }

	        // Terms

	        for (const key of Object.keys(source.$_terms)) {
	            const terms = source.$_terms[key];
	            if (!terms) {
	                if (!obj.$_terms[key]) {
	                    obj.$_terms[key] = terms;
	                }

	                continue;
	            }

	            if (!obj.$_terms[key]) {
	                obj.$_terms[key] = terms.slice();
	                continue;
	            }

	            obj.$_terms[key] = obj.$_terms[key].concat(terms);
	        }

	        // Tracing

	        if (this.$_root._tracer) {
	            this.$_root._tracer._combine(obj, [this, source]);
	        }

	        // Rebuild

	        return obj.$_mutateRebuild();
	    }

	    extend(options) {

	        assert(!options.base, 'Cannot extend type with another base');

	        return Extend.type(this, options);
	    }

	    extract(path) {

	        path = Array.isArray(path) ? path : path.split('.');
	        return this._ids.reach(path);
	    }

	    fork(paths, adjuster) {

	        assert(!this._inRuleset(), 'Cannot fork inside a ruleset');

	        let obj = this;                                             // eslint-disable-line consistent-this
	        for (let path of [].concat(paths)) {
	            path = Array.isArray(path) ? path : path.split('.');
	            obj = obj._ids.fork(path, adjuster, obj);
	        }

	        obj.$_temp.ruleset = false;
	        return obj;
	    }

	    isAsync() {

	        if (Boolean(this.$_terms.externals?.length)) {
	            return true;
	        }

	        if (this.$_terms.whens) {
	            for (const when of this.$_terms.whens) {
	                if (when.then?.isAsync()) {
	                    return true;
	                }

	                if (when.otherwise?.isAsync()) {
	                    return true;
	                }

	                if (when.switch) {
	                    for (const item of when.switch) {
	                        if (item.then?.isAsync()) {
	                            return true;
	                        }

	                        if (item.otherwise?.isAsync()) {
	                            return true;
	                        }
	                    }
	                }
	            }
	        }

	        return false;
	    }

	    rule(options) {

	        const def = this._definition;
	        Common.assertOptions(options, Object.keys(def.modifiers));

	        assert(this.$_temp.ruleset !== false, 'Cannot apply rules to empty ruleset or the last rule added does not support rule properties');
	        const start = this.$_temp.ruleset === null ? this._rules.length - 1 : this.$_temp.ruleset;
	        assert(start >= 0 && start < this._rules.length, 'Cannot apply rules to empty ruleset');

	        const obj = this.clone();

	        for (let i = start; i < obj._rules.length; ++i) {
	            const original = obj._rules[i];
	            const rule = clone(original);

	            for (const name of Object.keys(options)) {
	                def.modifiers[name](rule, options[name]);
	                assert(rule.name === original.name, 'Cannot change rule name');
	            }

	            obj._rules[i] = rule;

	            if (obj._singleRules.get(rule.name) === original) {
	                obj._singleRules.set(rule.name, rule);
	            }
	        }

	        obj.$_temp.ruleset = false;
	        return obj.$_mutateRebuild();
	    }

	    get ruleset() {

	        assert(!this._inRuleset(), 'Cannot start a new ruleset without closing the previous one');

	        const obj = this.clone();
	        obj.$_temp.ruleset = obj._rules.length;
	        return obj;
	    }

	    get $() {

	        return this.ruleset;
	    }

	    tailor(targets) {

	        targets = [].concat(targets);

	        assert(!this._inRuleset(), 'Cannot tailor inside a ruleset');

	        let obj = this;                                                     // eslint-disable-line consistent-this

	        if (this.$_terms.alterations) {
	            for (const { target, adjuster } of this.$_terms.alterations) {
	                if (targets.includes(target)) {
	                    obj = adjuster(obj);
	                    assert(Common.isSchema(obj), 'Alteration adjuster for', target, 'failed to return a schema object');
	                }
	            }
	        }

	        obj = obj.$_modify({ each: (item) => item.tailor(targets), ref: false });
	        obj.$_temp.ruleset = false;
	        return obj.$_mutateRebuild();
	    }

	    tracer() {

	        return Trace.location ? Trace.location(this) : this;                // $lab:coverage:ignore$
	    }

	    validate(value, options) {

	        return Validator.entry(value, this, options);
	    }

	    validateAsync(value, options) {

	        return Validator.entryAsync(value, this, options);
	    }

	    // Extensions

	    $_addRule(options) {

	        // Normalize rule

	        if (typeof options === 'string') {
	            options = { name: options };
	        }

	        assert(options && typeof options === 'object', 'Invalid options');
	        assert(options.name && typeof options.name === 'string', 'Invalid rule name');

	        for (const key of Object.keys(options)) {
	            assert(key[0] !== '_', 'Cannot set private rule properties');
	        }

	        const rule = Object.assign({}, options);        // Shallow cloned
	        rule._resolve = [];
	        rule.method = rule.method || rule.name;

	        const definition = this._definition.rules[rule.method];
	        const args = rule.args;

	        assert(definition, 'Unknown rule', rule.method);

	        // Args

	        const obj = this.clone();

	        if (args) {
	            const argKeys = Object.keys(args);
	            assert(argKeys.length === 1 || argKeys.length === this._definition.rules[rule.name].args.length, 'Invalid rule definition for', this.type, rule.name);

	            for (const key of argKeys) {
	                let arg = args[key];

	                if (definition.argsByName) {
	                    const resolver = definition.argsByName.get(key);

	                    if (resolver.ref &&
	                        Common.isResolvable(arg)) {

	                        rule._resolve.push(key);
	                        obj.$_mutateRegister(arg);
	                    }
	                    else {
	                        if (resolver.normalize) {
	                            arg = resolver.normalize(arg);
	                            args[key] = arg;
	                        }

	                        if (resolver.assert) {
	                            const error = Common.validateArg(arg, key, resolver);
	                            assert(!error, error, 'or reference');
	                        }
	                    }
	                }

	                if (arg === undefined) {
	                    delete args[key];
	                    continue;
	                }

	                args[key] = arg;
	            }
	        }

	        // Unique rules

	        if (!definition.multi) {
	            obj._ruleRemove(rule.name, { clone: false });
	            obj._singleRules.set(rule.name, rule);
	        }

	        if (obj.$_temp.ruleset === false) {
	            obj.$_temp.ruleset = null;
	        }

	        if (definition.priority) {
	            obj._rules.unshift(rule);
	        }
	        else {
	            obj._rules.push(rule);
	        }

	        return obj;
	    }

	    $_compile(schema, options) {

	        return Compile.schema(this.$_root, schema, options);
	    }

	    $_createError(code, value, local, state, prefs, options = {}) {

	        const flags = options.flags !== false ? this._flags : {};
	        const messages = options.messages ? Messages.merge(this._definition.messages, options.messages) : this._definition.messages;
	        return new Errors.Report(code, value, local, flags, messages, state, prefs);
	    }

	    $_getFlag(name) {

	        return this._flags[name];
	    }

	    $_getRule(name) {

	        return this._singleRules.get(name);
	    }

	    $_mapLabels(path) {

	        path = Array.isArray(path) ? path : path.split('.');
	        return this._ids.labels(path);
	    }

	    $_match(value, state, prefs, overrides) {

	        prefs = Object.assign({}, prefs);       // Shallow cloned
	        prefs.abortEarly = true;
	        prefs._externals = false;

	        state.snapshot();
	        const result = !Validator.validate(value, this, state, prefs, overrides).errors;
	        state.restore();

	        return result;
	    }

	    $_modify(options) {

	        Common.assertOptions(options, ['each', 'once', 'ref', 'schema']);
	        return Modify.schema(this, options) || this;
	    }

	    $_mutateRebuild() {

	        assert(!this._inRuleset(), 'Cannot add this rule inside a ruleset');

	        this._refs.reset();
	        this._ids.reset();

	        const each = (item, { source, name, path, key }) => {

	            const family = this._definition[source][name] && this._definition[source][name].register;
	            if (family !== false) {
	                this.$_mutateRegister(item, { family, key });
	            }
	        };

	        this.$_modify({ each });

	        if (this._definition.rebuild) {
	            this._definition.rebuild(this);
	        }

	        this.$_temp.ruleset = false;
	        return this;
	    }

	    $_mutateRegister(schema, { family, key } = {}) {

	        this._refs.register(schema, family);
	        this._ids.register(schema, { key });
	    }

	    $_property(name) {

	        return this._definition.properties[name];
	    }

	    $_reach(path) {

	        return this._ids.reach(path);
	    }

	    $_rootReferences() {

	        return this._refs.roots();
	    }

	    $_setFlag(name, value, options = {}) {

	        assert(name[0] === '_' || !this._inRuleset(), 'Cannot set flag inside a ruleset');

	        const flag = this._definition.flags[name] || {};
	        if (deepEqual(value, flag.default)) {
	            value = undefined;
	        }

	        if (deepEqual(value, this._flags[name])) {
	            return this;
	        }

	        const obj = options.clone !== false ? this.clone() : this;

	        if (value !== undefined) {
	            obj._flags[name] = value;
	            obj.$_mutateRegister(value);
	        }
	        else {
	            delete obj._flags[name];
	        }

	        if (name[0] !== '_') {
	            obj.$_temp.ruleset = false;
	        }

	        return obj;
	    }

	    $_parent(method, ...args) {

	        return this[method][Common.symbols.parent].call(this, ...args);
	    }

	    $_validate(value, state, prefs) {

	        return Validator.validate(value, this, state, prefs);
	    }

	    // Internals

	    _assign(target) {

	        target.type = this.type;

	        target.$_root = this.$_root;

	        target.$_temp = Object.assign({}, this.$_temp);
	        target.$_temp.whens = {};

	        target._ids = this._ids.clone();
	        target._preferences = this._preferences;
	        target._valids = this._valids && this._valids.clone();
	        target._invalids = this._invalids && this._invalids.clone();
	        target._rules = this._rules.slice();
	        target._singleRules = new Map(this._singleRules);
	        target._refs = this._refs.clone();
	        target._flags = Object.assign({}, this._flags);
	        target._cache = null;

	        target.$_terms = {};
	        for (const key of Object.keys(this.$_terms)) {
	            target.$_terms[key] = this.$_terms[key] ? this.$_terms[key].slice() : null;
	        }

	        // Backwards compatibility

	        target.$_super = {};
	        if (this.$_super) {
	            for (const override of Object.keys(this.$_super)) {
	                target.$_super[override] = this._super[override].bind(target);
	            }
	        }

	        return target;
	    }

	    _bare() {

	        const obj = this.clone();
	        obj._reset();

	        const terms = obj._definition.terms;
	        for (const name of Object.keys(terms)) {
	            const term = terms[name];
	            obj.$_terms[name] = term.init;
	        }

	        return obj.$_mutateRebuild();
	    }

	    _default(flag, value, options = {}) {

	        Common.assertOptions(options, 'literal');

	        assert(value !== undefined, 'Missing', flag, 'value');
	        assert(typeof value === 'function' || !options.literal, 'Only function value supports literal option');

	        if (typeof value === 'function' &&
	            options.literal) {

	            value = {
	                [Common.symbols.literal]: true,
	                literal: value
	            };
	        }

	        const obj = this.$_setFlag(flag, value);
	        return obj;
	    }

	    _generate(value, state, prefs) {

	        if (!this.$_terms.whens) {
	            return { schema: this };
	        }

	        // Collect matching whens

	        const whens = [];
	        const ids = [];
	        for (let i = 0; i < this.$_terms.whens.length; ++i) {
	            const when = this.$_terms.whens[i];

	            if (when.concat) {
	                whens.push(when.concat);
	                ids.push(`${i}.concat`);
	                continue;
	            }

	            const input = when.ref ? when.ref.resolve(value, state, prefs) : value;
	            const tests = when.is ? [when] : when.switch;
	            const before = ids.length;

	            for (let j = 0; j < tests.length; ++j) {
	                const { is, then, otherwise } = tests[j];

	                const baseId = `${i}${when.switch ? '.' + j : ''}`;
	                if (is.$_match(input, state.nest(is, `${baseId}.is`), prefs)) {
	                    if (then) {
	                        const localState = state.localize([...state.path, `${baseId}.then`], state.ancestors, state.schemas);
	                        const { schema: generated, id } = then._generate(value, localState, prefs);
	                        whens.push(generated);
	                        ids.push(`${baseId}.then${id ? `(${id})` : ''}`);
	                        break;
	                    }
	                }
	                else if (otherwise) {
	                    const localState = state.localize([...state.path, `${baseId}.otherwise`], state.ancestors, state.schemas);
	                    const { schema: generated, id } = otherwise._generate(value, localState, prefs);
	                    whens.push(generated);
	                    ids.push(`${baseId}.otherwise${id ? `(${id})` : ''}`);
	                    break;
	                }
	            }

	            if (when.break &&
	                ids.length > before) {          // Something matched

	                break;
	            }
	        }

	        // Check cache

	        const id = ids.join(', ');
	        state.mainstay.tracer.debug(state, 'rule', 'when', id);

	        if (!id) {
	            return { schema: this };
	        }

	        if (!state.mainstay.tracer.active &&
	            this.$_temp.whens[id]) {

	            return { schema: this.$_temp.whens[id], id };
	        }

	        // Generate dynamic schema

	        let obj = this;                                             // eslint-disable-line consistent-this
	        if (this._definition.generate) {
	            obj = this._definition.generate(this, value, state, prefs);
	        }

	        // Apply whens

	        for (const when of whens) {
	            obj = obj.concat(when);
	        }

	        // Tracing

	        if (this.$_root._tracer) {
	            this.$_root._tracer._combine(obj, [this, ...whens]);
	        }

	        // Cache result

	        this.$_temp.whens[id] = obj;
	        return { schema: obj, id };
	    }

	    _inner(type, values, options = {}) {

	        assert(!this._inRuleset(), `Cannot set ${type} inside a ruleset`);

	        const obj = this.clone();
	        if (!obj.$_terms[type] ||
	            options.override) {

	            obj.$_terms[type] = [];
	        }

	        if (options.single) {
	            obj.$_terms[type].push(values);
	        }
	        else {
	            obj.$_terms[type].push(...values);
	        }

	        obj.$_temp.ruleset = false;
	        return obj;
	    }

	    _inRuleset() {

	        return this.$_temp.ruleset !== null && this.$_temp.ruleset !== false;
	    }

	    _ruleRemove(name, options = {}) {

	        if (!this._singleRules.has(name)) {
	            return this;
	        }

	        const obj = options.clone !== false ? this.clone() : this;

	        obj._singleRules.delete(name);

	        const filtered = [];
	        for (let i = 0; i < obj._rules.length; ++i) {
	            const test = obj._rules[i];
	            if (test.name === name &&
	                !test.keep) {

	                if (obj._inRuleset() &&
	                    i < obj.$_temp.ruleset) {

	                    --obj.$_temp.ruleset;
	                }

	                continue;
	            }

	            filtered.push(test);
	        }

	        obj._rules = filtered;
	        return obj;
	    }

	    _values(values, key) {

	        Common.verifyFlat(values, key.slice(1, -1));

	        const obj = this.clone();

	        const override = values[0] === Common.symbols.override;
	        if (override) {
	            values = values.slice(1);
	        }

	        if (!obj[key] &&
	            values.length) {

	            obj[key] = new Values();
	        }
	        else if (override) {
	            obj[key] = values.length ? new Values() : null;
	            obj.$_mutateRebuild();
	        }

	        if (!obj[key]) {
	            return obj;
	        }

	        if (override) {
	            obj[key].override();
	        }

	        for (const value of values) {
	            assert(value !== undefined, 'Cannot call allow/valid/invalid with undefined');
	            assert(value !== Common.symbols.override, 'Override must be the first value');

	            const other = key === '_invalids' ? '_valids' : '_invalids';
	            if (obj[other]) {
	                obj[other].remove(value);
	                if (!obj[other].length) {
	                    assert(key === '_valids' || !obj._flags.only, 'Setting invalid value', value, 'leaves schema rejecting all values due to previous valid rule');
	                    obj[other] = null;
	                }
	            }

	            obj[key].add(value, obj._refs);
	        }

	        return obj;
	    }

	    // Standard Schema

	    get '~standard'() {

	        const mapToStandardError = (error) => {

	            let issues;
	            if (Errors.ValidationError.isError(error)) {
	                issues = error.details.map(({ message, path }) => ({
	                    message,
	                    path
	                }));
	            }
	            else {
	                issues = [{
	                    message: error.message
	                }];
	            }

	            return {
	                issues
	            };
	        };

	        const mapToStandardValue = (value) => ({ value });

	        return {
	            version: 1,
	            vendor: 'joi',
	            validate: (value, options) => {

	                const result = Validator.standard(value, this, options);

	                if (result instanceof Promise) {
	                    return result
	                        .then(mapToStandardValue, mapToStandardError);
	                }

	                if (!result.error) {
	                    return mapToStandardValue(result.value);
	                }

	                return mapToStandardError(result.error);
	            },
	            jsonSchema: {
	                input: (options) => this.$_jsonSchema('input', options),
	                output: (options) => this.$_jsonSchema('output', options)
	            }
	        };
	    }
	};


	internals.Base.prototype[Common.symbols.any] = {
	    version: Common.version,
	    compile: Compile.compile,
	    root: '$_root'
	};


	internals.Base.prototype.isImmutable = true;                // Prevents Hoek from deep cloning schema objects (must be on prototype)


	// Aliases

	internals.Base.prototype.deny = internals.Base.prototype.invalid;
	internals.Base.prototype.disallow = internals.Base.prototype.invalid;
	internals.Base.prototype.equal = internals.Base.prototype.valid;
	internals.Base.prototype.exist = internals.Base.prototype.required;
	internals.Base.prototype.not = internals.Base.prototype.invalid;
	internals.Base.prototype.options = internals.Base.prototype.prefs;
	internals.Base.prototype.preferences = internals.Base.prototype.prefs;


	base = new internals.Base();
	return base;
}

var any;
var hasRequiredAny;

function requireAny () {
	if (hasRequiredAny) return any;
	hasRequiredAny = 1;

	const { assert } = requireLib$4();

	const Base = requireBase();
	const Common = requireCommon();
	const Messages = requireMessages();


	any = Base.extend({

	    type: 'any',

	    flags: {

	        only: { default: false }
	    },

	    terms: {

	        alterations: { init: null },
	        examples: { init: null },
	        externals: { init: null },
	        metas: { init: [] },
	        notes: { init: [] },
	        shared: { init: null },
	        tags: { init: [] },
	        whens: { init: null }
	    },

	    rules: {

	        custom: {
	            method(method, description) {

	                assert(typeof method === 'function', 'Method must be a function');
	                assert(description === undefined || description && typeof description === 'string', 'Description must be a non-empty string');

	                return this.$_addRule({ name: 'custom', args: { method, description } });
	            },
	            validate(value, helpers, { method }) {

	                try {
	                    return method(value, helpers);
	                }
	                catch (err) {
	                    return helpers.error('any.custom', { error: err });
	                }
	            },
	            args: ['method', 'description'],
	            multi: true
	        },

	        messages: {
	            method(messages) {

	                return this.prefs({ messages });
	            }
	        },

	        shared: {
	            method(schema) {

	                assert(Common.isSchema(schema) && schema._flags.id, 'Schema must be a schema with an id');

	                const obj = this.clone();
	                obj.$_terms.shared = obj.$_terms.shared || [];
	                obj.$_terms.shared.push(schema);
	                obj.$_mutateRegister(schema);
	                return obj;
	            }
	        },

	        warning: {
	            method(code, local) {

	                assert(code && typeof code === 'string', 'Invalid warning code');

	                return this.$_addRule({ name: 'warning', args: { code, local }, warn: true });
	            },
	            validate(value, helpers, { code, local }) {

	                return helpers.error(code, local);
	            },
	            args: ['code', 'local'],
	            multi: true
	        }
	    },

	    modifiers: {

	        keep(rule, enabled = true) {

	            rule.keep = enabled;
	        },

	        message(rule, message) {

	            rule.message = Messages.compile(message);
	        },

	        warn(rule, enabled = true) {

	            rule.warn = enabled;
	        }
	    },

	    manifest: {

	        build(obj, desc) {

	            for (const key of Object.keys(desc)) {
	                const values = desc[key];

	                if (['examples', 'externals', 'metas', 'notes', 'tags'].includes(key)) {
	                    for (const value of values) {
	                        obj = obj[key.slice(0, -1)](value);
	                    }

	                    continue;
	                }

	                if (key === 'alterations') {
	                    const alter = {};
	                    for (const { target, adjuster } of values) {
	                        alter[target] = adjuster;
	                    }

	                    obj = obj.alter(alter);
	                    continue;
	                }

	                if (key === 'whens') {
	                    for (const value of values) {
	                        const { ref, is, not, then, otherwise, concat } = value;
	                        if (concat) {
	                            obj = obj.concat(concat);
	                        }
	                        else if (ref) {
	                            obj = obj.when(ref, { is, not, then, otherwise, switch: value.switch, break: value.break });
	                        }
	                        else {
	                            obj = obj.when(is, { then, otherwise, break: value.break });
	                        }
	                    }

	                    continue;
	                }

	                if (key === 'shared') {
	                    for (const value of values) {
	                        obj = obj.shared(value);
	                    }
	                }
	            }

	            return obj;
	        }
	    },

	    messages: {
	        'any.custom': '{{#label}} failed custom validation because {{#error.message}}',
	        'any.default': '{{#label}} threw an error when running default method',
	        'any.failover': '{{#label}} threw an error when running failover method',
	        'any.invalid': '{{#label}} contains an invalid value',
	        'any.only': '{{#label}} must be {if(#valids.length == 1, "", "one of ")}{{#valids}}',
	        'any.ref': '{{#label}} {{#arg}} references {{:#ref}} which {{#reason}}',
	        'any.required': '{{#label}} is required',
	        'any.unknown': '{{#label}} is not allowed'
	    }
	});
	return any;
}

var alternatives;
var hasRequiredAlternatives;

function requireAlternatives () {
	if (hasRequiredAlternatives) return alternatives;
	hasRequiredAlternatives = 1;

	const { assert, merge } = requireLib$4();

	const Any = requireAny();
	const Common = requireCommon();
	const Compile = requireCompile();
	const Errors = requireErrors();
	const Ref = requireRef();


	const internals = {};


	alternatives = Any.extend({

	    type: 'alternatives',

	    flags: {

	        match: { default: 'any' }                 // 'any', 'one', 'all'
	    },

	    terms: {

	        matches: { init: [], register: Ref.toSibling }
	    },

	    args(schema, ...schemas) {

	        if (schemas.length === 1) {
	            if (Array.isArray(schemas[0])) {
	                return schema.try(...schemas[0]);
	            }
	        }

	        return schema.try(...schemas);
	    },

	    validate(value, helpers) {

	        const { schema, error, state, prefs } = helpers;

	        // Match all or one

	        if (schema._flags.match) {
	            const matched = [];
	            const failed = [];

	            for (let i = 0; i < schema.$_terms.matches.length; ++i) {
	                const item = schema.$_terms.matches[i];
	                const localState = state.nest(item.schema, `match.${i}`);
	                localState.snapshot();

	                const result = item.schema.$_validate(value, localState, prefs);
	                if (!result.errors) {
	                    matched.push(result.value);
	                    localState.commit();
	                }
	                else {
	                    failed.push(result.errors);
	                    localState.restore();
	                }
	            }

	            if (matched.length === 0) {
	                const context = {
	                    details: failed.map((f) => Errors.details(f, { override: false }))
	                };

	                return { errors: error('alternatives.any', context) };
	            }

	            // Match one

	            if (schema._flags.match === 'one') {
	                return matched.length === 1 ? { value: matched[0] } : { errors: error('alternatives.one') };
	            }

	            // Match all

	            if (matched.length !== schema.$_terms.matches.length) {
	                const context = {
	                    details: failed.map((f) => Errors.details(f, { override: false }))
	                };

	                return { errors: error('alternatives.all', context) };
	            }

	            const isAnyObj = (alternative) => {

	                return alternative.$_terms.matches.some((v) => {

	                    return v.schema.type === 'object' ||
	                        (v.schema.type === 'alternatives' && isAnyObj(v.schema));
	                });
	            };

	            return isAnyObj(schema) ? { value: matched.reduce((acc, v) => merge(acc, v, { mergeArrays: false })) } : { value: matched[matched.length - 1] };
	        }

	        // Match any

	        const errors = [];
	        for (let i = 0; i < schema.$_terms.matches.length; ++i) {
	            const item = schema.$_terms.matches[i];

	            // Try

	            if (item.schema) {
	                const localState = state.nest(item.schema, `match.${i}`);
	                localState.snapshot();

	                const result = item.schema.$_validate(value, localState, prefs);
	                if (!result.errors) {
	                    localState.commit();
	                    return result;
	                }

	                localState.restore();
	                errors.push({ schema: item.schema, reports: result.errors });
	                continue;
	            }

	            // Conditional

	            const input = item.ref ? item.ref.resolve(value, state, prefs) : value;
	            const tests = item.is ? [item] : item.switch;

	            for (let j = 0; j < tests.length; ++j) {
	                const test = tests[j];
	                const { is, then, otherwise } = test;

	                const id = `match.${i}${item.switch ? '.' + j : ''}`;
	                if (!is.$_match(input, state.nest(is, `${id}.is`), prefs)) {
	                    if (otherwise) {
	                        return otherwise.$_validate(value, state.nest(otherwise, `${id}.otherwise`), prefs);
	                    }
	                }
	                else if (then) {
	                    return then.$_validate(value, state.nest(then, `${id}.then`), prefs);
	                }
	            }
	        }

	        return internals.errors(errors, helpers);
	    },

	    jsonSchema(schema, res, mode, options) {

	        const matches = [];

	        // Collect all alternative schemas from 'matches' term

	        for (const match of schema.$_terms.matches) {
	            if (match.schema) {
	                matches.push(match.schema.$_jsonSchema(mode, options));
	            }
	            else {
	                // Handle conditional matches (when/switch)

	                const tests = match.is ? [match] : match.switch;
	                for (const test of tests) {
	                    if (test.then) {
	                        matches.push(test.then.$_jsonSchema(mode, options));
	                    }

	                    if (test.otherwise) {
	                        matches.push(test.otherwise.$_jsonSchema(mode, options));
	                    }
	                }
	            }
	        }

	        if (matches.length) {
	            delete res.type;

	            // Map alternatives to 'anyOf' or 'oneOf' based on the match flag

	            const matchMode = schema._flags.match ?? 'any';
	            if (matchMode === 'one') {
	                res.oneOf = matches;
	            }
	            else if (matchMode === 'all') {
	                res.allOf = matches;
	            }
	            else {
	                res.anyOf = matches;
	            }
	        }

	        return res;
	    },

	    rules: {

	        conditional: {
	            method(condition, options) {

	                assert(!this._flags._endedSwitch, 'Unreachable condition');
	                assert(!this._flags.match, 'Cannot combine match mode', this._flags.match, 'with conditional rule');
	                assert(options.break === undefined, 'Cannot use break option with alternatives conditional');

	                const obj = this.clone();

	                const match = Compile.when(obj, condition, options);
	                const conditions = match.is ? [match] : match.switch;
	                for (const item of conditions) {
	                    if (item.then &&
	                        item.otherwise) {

	                        obj.$_setFlag('_endedSwitch', true, { clone: false });
	                        break;
	                    }
	                }

	                obj.$_terms.matches.push(match);
	                return obj.$_mutateRebuild();
	            }
	        },

	        match: {
	            method(mode) {

	                assert(['any', 'one', 'all'].includes(mode), 'Invalid alternatives match mode', mode);

	                if (mode !== 'any') {
	                    for (const match of this.$_terms.matches) {
	                        assert(match.schema, 'Cannot combine match mode', mode, 'with conditional rules');
	                    }
	                }

	                return this.$_setFlag('match', mode);
	            }
	        },

	        try: {
	            method(...schemas) {

	                assert(schemas.length, 'Missing alternative schemas');
	                Common.verifyFlat(schemas, 'try');

	                assert(!this._flags._endedSwitch, 'Unreachable condition');

	                const obj = this.clone();
	                for (const schema of schemas) {
	                    obj.$_terms.matches.push({ schema: obj.$_compile(schema) });
	                }

	                return obj.$_mutateRebuild();
	            }
	        }
	    },

	    overrides: {

	        label(name) {

	            const obj = this.$_parent('label', name);
	            const each = (item, source) => {

	                return source.path[0] !== 'is' && typeof item._flags.label !== 'string' ? item.label(name) : undefined;
	            };

	            return obj.$_modify({ each, ref: false });
	        },

	        isAsync() {

	            if (this.$_terms.externals?.length) {
	                return true;
	            }

	            for (const match of this.$_terms.matches) {

	                if (match.schema?.isAsync()) {
	                    return true;
	                }

	                if (match.then?.isAsync()) {
	                    return true;
	                }

	                if (match.otherwise?.isAsync()) {
	                    return true;
	                }
	            }

	            return false;
	        }
	    },

	    rebuild(schema) {

	        // Flag when an alternative type is an array

	        const each = (item) => {

	            if (Common.isSchema(item) &&
	                item.type === 'array') {

	                schema.$_setFlag('_arrayItems', true, { clone: false });
	            }
	        };

	        schema.$_modify({ each });
	    },

	    manifest: {

	        build(obj, desc) {

	            if (desc.matches) {
	                for (const match of desc.matches) {
	                    const { schema, ref, is, not, then, otherwise } = match;
	                    if (schema) {
	                        obj = obj.try(schema);
	                    }
	                    else if (ref) {
	                        obj = obj.conditional(ref, { is, then, not, otherwise, switch: match.switch });
	                    }
	                    else {
	                        obj = obj.conditional(is, { then, otherwise });
	                    }
	                }
	            }

	            return obj;
	        }
	    },

	    messages: {
	        'alternatives.all': '{{#label}} does not match all of the required types',
	        'alternatives.any': '{{#label}} does not match any of the allowed types',
	        'alternatives.match': '{{#label}} does not match any of the allowed types',
	        'alternatives.one': '{{#label}} matches more than one allowed type',
	        'alternatives.types': '{{#label}} must be one of {{#types}}'
	    }
	});


	// Helpers

	internals.errors = function (failures, { error, state }) {

	    // Nothing matched due to type criteria rules

	    if (!failures.length) {
	        return { errors: error('alternatives.any') };
	    }

	    // Single error

	    if (failures.length === 1) {
	        return { errors: failures[0].reports };
	    }

	    // Analyze reasons

	    const valids = new Set();
	    const complex = [];

	    for (const { reports, schema } of failures) {

	        // Multiple errors (!abortEarly)

	        if (reports.length > 1) {
	            return internals.unmatched(failures, error);
	        }

	        // Custom error

	        const report = reports[0];
	        if (report instanceof Errors.Report === false) {
	            return internals.unmatched(failures, error);
	        }

	        // Internal object or array error

	        if (report.state.path.length !== state.path.length) {
	            complex.push({ type: schema.type, report });
	            continue;
	        }

	        // Valids

	        if (report.code === 'any.only') {
	            for (const valid of report.local.valids) {
	                valids.add(valid);
	            }

	            continue;
	        }

	        // Base type

	        const [type, code] = report.code.split('.');
	        if (code !== 'base') {
	            complex.push({ type: schema.type, report });
	        }
	        else if (report.code === 'object.base') {
	            valids.add(report.local.type);
	        }
	        else {
	            valids.add(type);
	        }
	    }

	    // All errors are base types or valids

	    if (!complex.length) {
	        return { errors: error('alternatives.types', { types: [...valids] }) };
	    }

	    // Single complex error

	    if (complex.length === 1) {
	        return { errors: complex[0].report };
	    }

	    return internals.unmatched(failures, error);
	};


	internals.unmatched = function (failures, error) {

	    const errors = [];
	    for (const failure of failures) {
	        errors.push(...failure.reports);
	    }

	    return { errors: error('alternatives.match', Errors.details(errors, { override: false })) };
	};
	return alternatives;
}

var array;
var hasRequiredArray;

function requireArray () {
	if (hasRequiredArray) return array;
	hasRequiredArray = 1;

	const { assert, deepEqual, reach } = requireLib$4();

	const Any = requireAny();
	const Common = requireCommon();
	const Compile = requireCompile();


	const internals = {};


	array = Any.extend({

	    type: 'array',

	    flags: {

	        single: { default: false },
	        sparse: { default: false }
	    },

	    terms: {

	        items: { init: [], manifest: 'schema' },
	        ordered: { init: [], manifest: 'schema' },

	        _exclusions: { init: [] },
	        _inclusions: { init: [] },
	        _requireds: { init: [] }
	    },

	    coerce: {
	        from: 'object',
	        method(value, { schema, state, prefs }) {

	            if (!Array.isArray(value)) {
	                return;
	            }

	            const sort = schema.$_getRule('sort');
	            if (!sort) {
	                return;
	            }

	            return internals.sort(schema, value, sort.args.options, state, prefs);
	        }
	    },

	    validate(value, { schema, error }) {

	        if (!Array.isArray(value)) {
	            if (schema._flags.single) {
	                const single = [value];
	                single[Common.symbols.arraySingle] = true;
	                return { value: single };
	            }

	            return { errors: error('array.base') };
	        }

	        if (!schema.$_getRule('items') &&
	            !schema.$_terms.externals) {

	            return;
	        }

	        return { value: value.slice() };        // Clone the array so that we don't modify the original
	    },

	    jsonSchema(schema, res, mode, options) {

	        const ordered = schema.$_terms.ordered;

	        // Handle ordered items (tuple-like) using 'prefixItems'

	        if (ordered.length) {
	            res.prefixItems = ordered.map((item) => item.$_jsonSchema(mode, options));
	        }

	        if (schema.$_terms.items.length) {
	            let items;
	            if (schema.$_terms.items.length === 1) {
	                items = schema.$_terms.items[0].$_jsonSchema(mode, options);
	            }
	            else {
	                items = {
	                    anyOf: schema.$_terms.items.map((item) => item.$_jsonSchema(mode, options))
	                };
	            }

	            // If there are ordered items, remaining items are 'unevaluatedItems'

	            if (ordered.length) {
	                res.unevaluatedItems = items;
	                internals.setOrderedMinItems(res, ordered);
	            }
	            else {
	                res.items = items;
	            }
	        }
	        else if (ordered.length) {
	            // No additional items allowed beyond the ordered ones

	            res.unevaluatedItems = false;
	            internals.setOrderedMinItems(res, ordered);
	            res.maxItems = ordered.length;
	        }

	        // Map 'has' rules to 'contains' in JSON Schema

	        const contains = [];
	        for (const rule of schema._rules) {
	            if (rule.name === 'has' &&
	                !rule.args.schema._refs.refs.length) {

	                contains.push(rule.args.schema.$_jsonSchema(mode, options));
	            }
	        }

	        if (contains.length) {
	            if (contains.length === 1) {
	                res.contains = contains[0];
	            }
	            else {
	                res.allOf = contains.map((item) => ({ contains: item }));
	            }
	        }

	        if (schema._flags.single &&
	            schema.$_terms.items.length) {

	            let items;
	            if (schema.$_terms.items.length === 1) {
	                items = schema.$_terms.items[0].$_jsonSchema(mode, options);
	            }
	            else {
	                items = {
	                    anyOf: schema.$_terms.items.map((item) => item.$_jsonSchema(mode, options))
	                };
	            }

	            res = {
	                anyOf: [
	                    res,
	                    items
	                ]
	            };
	        }

	        return res;
	    },

	    rules: {

	        has: {
	            method(schema) {

	                schema = this.$_compile(schema, { appendPath: true });
	                const obj = this.$_addRule({ name: 'has', args: { schema } });
	                obj.$_mutateRegister(schema);
	                return obj;
	            },
	            validate(value, { state, prefs, error }, { schema: has }) {

	                const ancestors = [value, ...state.ancestors];
	                for (let i = 0; i < value.length; ++i) {
	                    const localState = state.localize([...state.path, i], ancestors, has);
	                    if (has.$_match(value[i], localState, prefs)) {
	                        return value;
	                    }
	                }

	                const patternLabel = has._flags.label;
	                if (patternLabel) {
	                    return error('array.hasKnown', { patternLabel });
	                }

	                return error('array.hasUnknown', null);
	            },
	            multi: true
	        },

	        items: {
	            method(...schemas) {

	                Common.verifyFlat(schemas, 'items');

	                const obj = this.$_addRule('items');

	                for (let i = 0; i < schemas.length; ++i) {
	                    const type = Common.tryWithPath(() => this.$_compile(schemas[i]), i, { append: true });
	                    obj.$_terms.items.push(type);
	                }

	                return obj.$_mutateRebuild();
	            },
	            validate(value, { schema, error, state, prefs, errorsArray }) {

	                const requireds = schema.$_terms._requireds.slice();
	                const ordereds = schema.$_terms.ordered.slice();
	                const inclusions = [...schema.$_terms._inclusions, ...requireds];

	                const wasArray = !value[Common.symbols.arraySingle];
	                delete value[Common.symbols.arraySingle];

	                const errors = errorsArray();

	                let il = value.length;
	                for (let i = 0; i < il; ++i) {
	                    const item = value[i];

	                    let errored = false;
	                    let isValid = false;

	                    const key = wasArray ? i : new Number(i);       // eslint-disable-line no-new-wrappers
	                    const path = [...state.path, key];

	                    // Sparse

	                    if (!schema._flags.sparse &&
	                        item === undefined) {

	                        errors.push(error('array.sparse', { key, path, pos: i, value: undefined }, state.localize(path)));
	                        if (prefs.abortEarly) {
	                            return errors;
	                        }

	                        ordereds.shift();
	                        continue;
	                    }

	                    // Exclusions

	                    const ancestors = [value, ...state.ancestors];

	                    for (const exclusion of schema.$_terms._exclusions) {
	                        if (!exclusion.$_match(item, state.localize(path, ancestors, exclusion), prefs, { presence: 'ignore' })) {
	                            continue;
	                        }

	                        errors.push(error('array.excludes', { pos: i, value: item }, state.localize(path)));
	                        if (prefs.abortEarly) {
	                            return errors;
	                        }

	                        errored = true;
	                        ordereds.shift();
	                        break;
	                    }

	                    if (errored) {
	                        continue;
	                    }

	                    // Ordered

	                    if (schema.$_terms.ordered.length) {
	                        if (ordereds.length) {
	                            const ordered = ordereds.shift();
	                            const res = ordered.$_validate(item, state.localize(path, ancestors, ordered), prefs);
	                            if (!res.errors) {
	                                if (ordered._flags.result === 'strip') {
	                                    internals.fastSplice(value, i);
	                                    --i;
	                                    --il;
	                                }
	                                else if (!schema._flags.sparse && res.value === undefined) {
	                                    errors.push(error('array.sparse', { key, path, pos: i, value: undefined }, state.localize(path)));
	                                    if (prefs.abortEarly) {
	                                        return errors;
	                                    }

	                                    continue;
	                                }
	                                else {
	                                    value[i] = res.value;
	                                }
	                            }
	                            else {
	                                errors.push(...res.errors);
	                                if (prefs.abortEarly) {
	                                    return errors;
	                                }
	                            }

	                            continue;
	                        }
	                        else if (!schema.$_terms.items.length) {
	                            errors.push(error('array.orderedLength', { pos: i, limit: schema.$_terms.ordered.length }));
	                            if (prefs.abortEarly) {
	                                return errors;
	                            }

	                            break;      // No reason to continue since there are no other rules to validate other than array.orderedLength
	                        }
	                    }

	                    // Requireds

	                    const requiredChecks = [];
	                    let jl = requireds.length;
	                    for (let j = 0; j < jl; ++j) {
	                        const localState = state.localize(path, ancestors, requireds[j]);
	                        localState.snapshot();

	                        const res = requireds[j].$_validate(item, localState, prefs);
	                        requiredChecks[j] = res;

	                        if (!res.errors) {
	                            localState.commit();
	                            value[i] = res.value;
	                            isValid = true;
	                            internals.fastSplice(requireds, j);
	                            --j;
	                            --jl;

	                            if (!schema._flags.sparse &&
	                                res.value === undefined) {

	                                errors.push(error('array.sparse', { key, path, pos: i, value: undefined }, state.localize(path)));
	                                if (prefs.abortEarly) {
	                                    return errors;
	                                }
	                            }

	                            break;
	                        }

	                        localState.restore();
	                    }

	                    if (isValid) {
	                        continue;
	                    }

	                    // Inclusions

	                    const stripUnknown = prefs.stripUnknown && !!prefs.stripUnknown.arrays || false;

	                    jl = inclusions.length;
	                    for (const inclusion of inclusions) {

	                        // Avoid re-running requireds that already didn't match in the previous loop

	                        let res;
	                        const previousCheck = requireds.indexOf(inclusion);
	                        if (previousCheck !== -1) {
	                            res = requiredChecks[previousCheck];
	                        }
	                        else {
	                            const localState = state.localize(path, ancestors, inclusion);
	                            localState.snapshot();

	                            res = inclusion.$_validate(item, localState, prefs);
	                            if (!res.errors) {
	                                localState.commit();
	                                if (inclusion._flags.result === 'strip') {
	                                    internals.fastSplice(value, i);
	                                    --i;
	                                    --il;
	                                }
	                                else if (!schema._flags.sparse &&
	                                    res.value === undefined) {

	                                    errors.push(error('array.sparse', { key, path, pos: i, value: undefined }, state.localize(path)));
	                                    errored = true;
	                                }
	                                else {
	                                    value[i] = res.value;
	                                }

	                                isValid = true;
	                                break;
	                            }

	                            localState.restore();
	                        }

	                        // Return the actual error if only one inclusion defined

	                        if (jl === 1) {
	                            if (stripUnknown) {
	                                internals.fastSplice(value, i);
	                                --i;
	                                --il;
	                                isValid = true;
	                                break;
	                            }

	                            errors.push(...res.errors);
	                            if (prefs.abortEarly) {
	                                return errors;
	                            }

	                            errored = true;
	                            break;
	                        }
	                    }

	                    if (errored) {
	                        continue;
	                    }

	                    if ((schema.$_terms._inclusions.length || schema.$_terms._requireds.length) &&
	                        !isValid) {

	                        if (stripUnknown) {
	                            internals.fastSplice(value, i);
	                            --i;
	                            --il;
	                            continue;
	                        }

	                        errors.push(error('array.includes', { pos: i, value: item }, state.localize(path)));
	                        if (prefs.abortEarly) {
	                            return errors;
	                        }
	                    }
	                }

	                if (requireds.length) {
	                    internals.fillMissedErrors(schema, errors, requireds, value, state, prefs);
	                }

	                if (ordereds.length) {
	                    internals.fillOrderedErrors(schema, errors, ordereds, value, state, prefs);

	                    if (!errors.length) {
	                        internals.fillDefault(ordereds, value, state, prefs);
	                    }
	                }

	                return errors.length ? errors : value;
	            },

	            priority: true,
	            manifest: false
	        },

	        length: {
	            method(limit) {

	                return this.$_addRule({ name: 'length', args: { limit }, operator: '=' });
	            },
	            validate(value, helpers, { limit }, { name, operator, args }) {

	                if (Common.compare(value.length, limit, operator)) {
	                    return value;
	                }

	                return helpers.error('array.' + name, { limit: args.limit, value });
	            },
	            jsonSchema(rule, res) {

	                res.minItems = rule.args.limit;
	                res.maxItems = rule.args.limit;

	                return res;
	            },
	            args: [
	                {
	                    name: 'limit',
	                    ref: true,
	                    assert: Common.limit,
	                    message: 'must be a positive integer'
	                }
	            ]
	        },

	        max: {
	            method(limit) {

	                return this.$_addRule({ name: 'max', method: 'length', args: { limit }, operator: '<=' });
	            },
	            jsonSchema(rule, res) {

	                res.maxItems = rule.args.limit;

	                return res;
	            }
	        },

	        min: {
	            method(limit) {

	                return this.$_addRule({ name: 'min', method: 'length', args: { limit }, operator: '>=' });
	            },
	            jsonSchema(rule, res) {

	                res.minItems = rule.args.limit;

	                return res;
	            }
	        },

	        ordered: {
	            method(...schemas) {

	                Common.verifyFlat(schemas, 'ordered');

	                const obj = this.$_addRule('items');

	                for (let i = 0; i < schemas.length; ++i) {
	                    const type = Common.tryWithPath(() => this.$_compile(schemas[i]), i, { append: true });
	                    internals.validateSingle(type, obj);

	                    obj.$_mutateRegister(type);
	                    obj.$_terms.ordered.push(type);
	                }

	                return obj.$_mutateRebuild();
	            }
	        },

	        single: {
	            method(enabled) {

	                const value = enabled === undefined ? true : !!enabled;
	                assert(!value || !this._flags._arrayItems, 'Cannot specify single rule when array has array items');

	                return this.$_setFlag('single', value);
	            }
	        },

	        sort: {
	            method(options = {}) {

	                Common.assertOptions(options, ['by', 'order']);

	                const settings = {
	                    order: options.order || 'ascending'
	                };

	                if (options.by) {
	                    settings.by = Compile.ref(options.by, { ancestor: 0 });
	                    assert(!settings.by.ancestor, 'Cannot sort by ancestor');
	                }

	                return this.$_addRule({ name: 'sort', args: { options: settings } });
	            },
	            validate(value, { error, state, prefs, schema }, { options }) {

	                const { value: sorted, errors } = internals.sort(schema, value, options, state, prefs);
	                if (errors) {
	                    return errors;
	                }

	                for (let i = 0; i < value.length; ++i) {
	                    if (value[i] !== sorted[i]) {
	                        return error('array.sort', { order: options.order, by: options.by ? options.by.key : 'value' });
	                    }
	                }

	                return value;
	            },
	            convert: true
	        },

	        sparse: {
	            method(enabled) {

	                const value = enabled === undefined ? true : !!enabled;

	                if (this._flags.sparse === value) {
	                    return this;
	                }

	                const obj = value ? this.clone() : this.$_addRule('items');
	                return obj.$_setFlag('sparse', value, { clone: false });
	            }
	        },

	        unique: {
	            method(comparator, options = {}) {

	                assert(!comparator || typeof comparator === 'function' || typeof comparator === 'string', 'comparator must be a function or a string');
	                Common.assertOptions(options, ['ignoreUndefined', 'separator']);

	                const rule = { name: 'unique', args: { options, comparator } };

	                if (comparator) {
	                    if (typeof comparator === 'string') {
	                        const separator = Common.default(options.separator, '.');
	                        rule.path = separator ? comparator.split(separator) : [comparator];
	                    }
	                    else {
	                        rule.comparator = comparator;
	                    }
	                }

	                return this.$_addRule(rule);
	            },
	            validate(value, { state, error, schema }, { comparator: raw, options }, { comparator, path }) {

	                const found = {
	                    string: Object.create(null),
	                    number: Object.create(null),
	                    undefined: Object.create(null),
	                    boolean: Object.create(null),
	                    bigint: Object.create(null),
	                    object: new Map(),
	                    function: new Map(),
	                    custom: new Map()
	                };

	                const compare = comparator || deepEqual;
	                const ignoreUndefined = options.ignoreUndefined;

	                for (let i = 0; i < value.length; ++i) {
	                    const item = path ? reach(value[i], path) : value[i];
	                    let records = comparator ? found.custom : found[typeof item];
	                    assert(records, 'Failed to find unique map container for type', typeof item);

	                    // Only compare objects sharing the same key, otherwise each one is compared to all the previous ones

	                    if (records === found.object) {
	                        const key = internals.bucketKey(item);
	                        if (!records.has(key)) {
	                            records.set(key, new Map());
	                        }

	                        records = records.get(key);
	                    }

	                    if (records instanceof Map) {
	                        const entries = records.entries();
	                        let current;
	                        while (!(current = entries.next()).done) {
	                            if (compare(current.value[0], item)) {
	                                const localState = state.localize([...state.path, i], [value, ...state.ancestors]);
	                                const context = {
	                                    pos: i,
	                                    value: value[i],
	                                    dupePos: current.value[1],
	                                    dupeValue: value[current.value[1]]
	                                };

	                                if (path) {
	                                    context.path = raw;
	                                }

	                                return error('array.unique', context, localState);
	                            }
	                        }

	                        records.set(item, i);
	                    }
	                    else {
	                        if ((!ignoreUndefined || item !== undefined) &&
	                            records[item] !== undefined) {

	                            const context = {
	                                pos: i,
	                                value: value[i],
	                                dupePos: records[item],
	                                dupeValue: value[records[item]]
	                            };

	                            if (path) {
	                                context.path = raw;
	                            }

	                            const localState = state.localize([...state.path, i], [value, ...state.ancestors]);
	                            return error('array.unique', context, localState);
	                        }

	                        records[item] = i;
	                    }
	                }

	                return value;
	            },
	            jsonSchema(rule, res) {

	                if (!rule.args.comparator) {
	                    res.uniqueItems = true;
	                }

	                return res;
	            },
	            args: ['comparator', 'options'],
	            multi: true
	        }
	    },

	    overrides: {

	        isAsync() {

	            if (this.$_terms.externals?.length) {
	                return true;
	            }

	            for (const item of this.$_terms.items) {
	                if (item.isAsync()) {
	                    return true;
	                }
	            }

	            for (const item of this.$_terms.ordered) {
	                if (item.isAsync()) {
	                    return true;
	                }
	            }

	            return false;
	        }
	    },

	    cast: {
	        set: {
	            from: Array.isArray,
	            to(value, helpers) {

	                return new Set(value);
	            }
	        }
	    },

	    rebuild(schema) {

	        schema.$_terms._inclusions = [];
	        schema.$_terms._exclusions = [];
	        schema.$_terms._requireds = [];

	        for (const type of schema.$_terms.items) {
	            internals.validateSingle(type, schema);

	            if (type._flags.presence === 'required') {
	                schema.$_terms._requireds.push(type);
	            }
	            else if (type._flags.presence === 'forbidden') {
	                schema.$_terms._exclusions.push(type);
	            }
	            else {
	                schema.$_terms._inclusions.push(type);
	            }
	        }

	        for (const type of schema.$_terms.ordered) {
	            internals.validateSingle(type, schema);
	        }
	    },

	    manifest: {

	        build(obj, desc) {

	            if (desc.items) {
	                obj = obj.items(...desc.items);
	            }

	            if (desc.ordered) {
	                obj = obj.ordered(...desc.ordered);
	            }

	            return obj;
	        }
	    },

	    messages: {
	        'array.base': '{{#label}} must be an array',
	        'array.excludes': '{{#label}} contains an excluded value',
	        'array.hasKnown': '{{#label}} does not contain at least one required match for type {:#patternLabel}',
	        'array.hasUnknown': '{{#label}} does not contain at least one required match',
	        'array.includes': '{{#label}} does not match any of the allowed types',
	        'array.includesRequiredBoth': '{{#label}} does not contain {{#knownMisses}} and {{#unknownMisses}} other required value(s)',
	        'array.includesRequiredKnowns': '{{#label}} does not contain {{#knownMisses}}',
	        'array.includesRequiredUnknowns': '{{#label}} does not contain {{#unknownMisses}} required value(s)',
	        'array.length': '{{#label}} must contain {{#limit}} items',
	        'array.max': '{{#label}} must contain less than or equal to {{#limit}} items',
	        'array.min': '{{#label}} must contain at least {{#limit}} items',
	        'array.orderedLength': '{{#label}} must contain at most {{#limit}} items',
	        'array.sort': '{{#label}} must be sorted in {#order} order by {{#by}}',
	        'array.sort.mismatching': '{{#label}} cannot be sorted due to mismatching types',
	        'array.sort.unsupported': '{{#label}} cannot be sorted due to unsupported type {#type}',
	        'array.sparse': '{{#label}} must not be a sparse array item',
	        'array.unique': '{{#label}} contains a duplicate value'
	    }
	});


	// Helpers

	internals.setOrderedMinItems = function (res, ordered) {

	    // Ordered items are optional by default; the array only needs to reach the
	    // last explicitly required position.
	    const minItems = internals.orderedMinItems(ordered);
	    if (minItems) {
	        res.minItems = minItems;
	    }
	};


	internals.orderedMinItems = function (ordered) {

	    for (let i = ordered.length - 1; i >= 0; --i) {
	        if (ordered[i]._flags.presence === 'required') {
	            return i + 1;
	        }
	    }

	    return 0;
	};


	internals.fillMissedErrors = function (schema, errors, requireds, value, state, prefs) {

	    const knownMisses = [];
	    let unknownMisses = 0;
	    for (const required of requireds) {
	        const label = required._flags.label;
	        if (label) {
	            knownMisses.push(label);
	        }
	        else {
	            ++unknownMisses;
	        }
	    }

	    if (knownMisses.length) {
	        if (unknownMisses) {
	            errors.push(schema.$_createError('array.includesRequiredBoth', value, { knownMisses, unknownMisses }, state, prefs));
	        }
	        else {
	            errors.push(schema.$_createError('array.includesRequiredKnowns', value, { knownMisses }, state, prefs));
	        }
	    }
	    else {
	        errors.push(schema.$_createError('array.includesRequiredUnknowns', value, { unknownMisses }, state, prefs));
	    }
	};


	internals.fillOrderedErrors = function (schema, errors, ordereds, value, state, prefs) {

	    const requiredOrdereds = [];

	    for (const ordered of ordereds) {
	        if (ordered._flags.presence === 'required') {
	            requiredOrdereds.push(ordered);
	        }
	    }

	    if (requiredOrdereds.length) {
	        internals.fillMissedErrors(schema, errors, requiredOrdereds, value, state, prefs);
	    }
	};


	internals.fillDefault = function (ordereds, value, state, prefs) {

	    const overrides = [];
	    let trailingUndefined = true;

	    for (let i = ordereds.length - 1; i >= 0; --i) {
	        const ordered = ordereds[i];
	        const ancestors = [value, ...state.ancestors];
	        const override = ordered.$_validate(undefined, state.localize(state.path, ancestors, ordered), prefs).value;

	        if (trailingUndefined) {
	            if (override === undefined) {
	                continue;
	            }

	            trailingUndefined = false;
	        }

	        overrides.unshift(override);
	    }

	    if (overrides.length) {
	        value.push(...overrides);
	    }
	};


	internals.fastSplice = function (arr, i) {

	    let pos = i;
	    while (pos < arr.length) {
	        arr[pos++] = arr[pos];
	    }

	    --arr.length;
	};


	// JSON-shaped values get a canonical key, plus dates and buffers since items() can convert strings to them,
	// anything else shares the '' key, i.e. the pairwise comparison against all of them

	internals.bucketKey = function (value) {

	    try {
	        return internals.canonical(value, new Set());
	    }
	    catch {
	        return '';
	    }
	};


	internals.canonical = function (value, ancestors) {

	    if (typeof value === 'string') {
	        return JSON.stringify(value);
	    }

	    if (value === null ||
	        typeof value === 'number' ||
	        typeof value === 'boolean' ||
	        typeof value === 'undefined') {

	        return String(value);
	    }

	    assert(typeof value === 'object', 'Not JSON-shaped');

	    const proto = Object.getPrototypeOf(value);
	    if (proto === Date.prototype) {
	        const time = value.valueOf();                                       // What deepEqual() compares
	        assert(typeof time === 'number', 'Not JSON-shaped');
	        return `date:${time}`;
	    }

	    if (Buffer && proto === Buffer.prototype) {                             // $lab:coverage:ignore$
	        return `buffer:${Buffer.prototype.toString.call(value, 'hex')}`;
	    }

	    const isArray = Array.isArray(value) && proto === Array.prototype;
	    assert(isArray || proto === Object.prototype || proto === null, 'Not JSON-shaped');
	    assert(!ancestors.has(value), 'Not JSON-shaped');

	    ancestors.add(value);
	    const key = isArray ?
	        `[${Array.from(value, (item) => internals.canonical(item, ancestors)).join(',')}]` :
	        `{${Object.keys(value).sort().map((name) => `${JSON.stringify(name)}:${internals.canonical(value[name], ancestors)}`).join(',')}}`;

	    ancestors.delete(value);
	    return key;
	};


	internals.validateSingle = function (type, obj) {

	    if (type.type === 'array' ||
	        type._flags._arrayItems) {

	        assert(!obj._flags.single, 'Cannot specify array item with single rule enabled');
	        obj.$_setFlag('_arrayItems', true, { clone: false });
	    }
	};


	internals.sort = function (schema, value, settings, state, prefs) {

	    const order = settings.order === 'ascending' ? 1 : -1;
	    const aFirst = -1 * order;
	    const bFirst = order;

	    const sort = (a, b) => {

	        let compare = internals.compare(a, b, aFirst, bFirst);
	        if (compare !== null) {
	            return compare;
	        }

	        if (settings.by) {
	            a = settings.by.resolve(a, state, prefs);
	            b = settings.by.resolve(b, state, prefs);
	        }

	        compare = internals.compare(a, b, aFirst, bFirst);
	        if (compare !== null) {
	            return compare;
	        }

	        const type = typeof a;
	        if (type !== typeof b) {
	            throw schema.$_createError('array.sort.mismatching', value, null, state, prefs);
	        }

	        if (type !== 'number' &&
	            type !== 'string') {

	            throw schema.$_createError('array.sort.unsupported', value, { type }, state, prefs);
	        }

	        if (type === 'number') {
	            return (a - b) * order;
	        }

	        return a < b ? aFirst : bFirst;
	    };

	    try {
	        return { value: value.slice().sort(sort) };
	    }
	    catch (err) {
	        return { errors: err };
	    }
	};


	internals.compare = function (a, b, aFirst, bFirst) {

	    if (a === b) {
	        return 0;
	    }

	    if (a === undefined) {
	        return 1;           // Always last regardless of sort order
	    }

	    if (b === undefined) {
	        return -1;           // Always last regardless of sort order
	    }

	    if (a === null) {
	        return bFirst;
	    }

	    if (b === null) {
	        return aFirst;
	    }

	    return null;
	};
	return array;
}

var boolean;
var hasRequiredBoolean;

function requireBoolean () {
	if (hasRequiredBoolean) return boolean;
	hasRequiredBoolean = 1;

	const { assert } = requireLib$4();

	const Any = requireAny();
	const Common = requireCommon();
	const Values = requireValues();


	const internals = {};


	internals.isBool = function (value) {

	    return typeof value === 'boolean';
	};


	boolean = Any.extend({

	    type: 'boolean',

	    flags: {

	        sensitive: { default: false }
	    },

	    terms: {

	        falsy: {
	            init: null,
	            manifest: 'values'
	        },

	        truthy: {
	            init: null,
	            manifest: 'values'
	        }
	    },

	    coerce(value, { schema }) {

	        if (typeof value === 'boolean') {
	            return;
	        }

	        if (typeof value === 'string') {
	            const trimmedValue = value.trim();
	            const normalized = schema._flags.sensitive ? trimmedValue : trimmedValue.toLowerCase();
	            value = normalized === 'true' ? true : (normalized === 'false' ? false : value);
	        }

	        if (typeof value !== 'boolean') {
	            value = schema.$_terms.truthy && schema.$_terms.truthy.has(value, null, null, !schema._flags.sensitive) ||
	                (schema.$_terms.falsy && schema.$_terms.falsy.has(value, null, null, !schema._flags.sensitive) ? false : value);
	        }

	        return { value };
	    },

	    validate(value, { error }) {

	        if (typeof value !== 'boolean') {
	            return { value, errors: error('boolean.base') };
	        }
	    },

	    rules: {
	        truthy: {
	            method(...values) {

	                Common.verifyFlat(values, 'truthy');

	                const obj = this.clone();
	                obj.$_terms.truthy = obj.$_terms.truthy || new Values();

	                for (let i = 0; i < values.length; ++i) {
	                    const value = values[i];

	                    assert(value !== undefined, 'Cannot call truthy with undefined');
	                    obj.$_terms.truthy.add(value);
	                }

	                return obj;
	            }
	        },

	        falsy: {
	            method(...values) {

	                Common.verifyFlat(values, 'falsy');

	                const obj = this.clone();
	                obj.$_terms.falsy = obj.$_terms.falsy || new Values();

	                for (let i = 0; i < values.length; ++i) {
	                    const value = values[i];

	                    assert(value !== undefined, 'Cannot call falsy with undefined');
	                    obj.$_terms.falsy.add(value);
	                }

	                return obj;
	            }
	        },

	        sensitive: {
	            method(enabled = true) {

	                return this.$_setFlag('sensitive', enabled);
	            }
	        }
	    },

	    cast: {
	        number: {
	            from: internals.isBool,
	            to(value, helpers) {

	                return value ? 1 : 0;
	            }
	        },
	        string: {
	            from: internals.isBool,
	            to(value, helpers) {

	                return value ? 'true' : 'false';
	            }
	        }
	    },

	    manifest: {

	        build(obj, desc) {

	            if (desc.truthy) {
	                obj = obj.truthy(...desc.truthy);
	            }

	            if (desc.falsy) {
	                obj = obj.falsy(...desc.falsy);
	            }

	            return obj;
	        }
	    },

	    messages: {
	        'boolean.base': '{{#label}} must be a boolean'
	    }
	});
	return boolean;
}

var date;
var hasRequiredDate;

function requireDate () {
	if (hasRequiredDate) return date;
	hasRequiredDate = 1;

	const { assert } = requireLib$4();

	const Any = requireAny();
	const Common = requireCommon();
	const Template = requireTemplate();


	const internals = {
	    formats: ['iso', 'javascript', 'unix']
	};


	internals.isDate = function (value) {

	    return value instanceof Date;
	};


	date = Any.extend({

	    type: 'date',

	    coerce: {
	        from: ['number', 'string'],
	        method(value, { schema }) {

	            return { value: internals.parse(value, schema._flags.format) || value };
	        }
	    },

	    validate(value, { schema, error, prefs }) {

	        if (value instanceof Date &&
	            !isNaN(value.getTime())) {

	            return;
	        }

	        const format = schema._flags.format;

	        if (!prefs.convert ||
	            !format ||
	            typeof value !== 'string') {

	            return { value, errors: error('date.base') };
	        }

	        return { value, errors: error('date.format', { format }) };
	    },

	    jsonSchema(schema, res, mode, options) {

	        res.type = 'string';
	        res.format = 'date-time';

	        return res;
	    },

	    rules: {

	        compare: {
	            method: false,
	            validate(value, helpers, { date }, { name, operator, args }) {

	                const to = date === 'now' ? Date.now() : date.getTime();
	                if (Common.compare(value.getTime(), to, operator)) {
	                    return value;
	                }

	                return helpers.error('date.' + name, { limit: args.date, value });
	            },
	            args: [
	                {
	                    name: 'date',
	                    ref: true,
	                    normalize: (date) => {

	                        return date === 'now' ? date : internals.parse(date);
	                    },
	                    assert: (date) => date !== null,
	                    message: 'must have a valid date format'
	                }
	            ]
	        },

	        format: {
	            method(format) {

	                assert(internals.formats.includes(format), 'Unknown date format', format);

	                return this.$_setFlag('format', format);
	            }
	        },

	        greater: {
	            method(date) {

	                return this.$_addRule({ name: 'greater', method: 'compare', args: { date }, operator: '>' });
	            },
	            jsonSchema(rule, res) {

	                const date = rule.args.date;
	                if (date instanceof Date) {
	                    res['x-constraint'] = { ...res['x-constraint'], greater: date.toISOString() };
	                }

	                return res;
	            }
	        },

	        iso: {
	            method() {

	                return this.format('iso');
	            }
	        },

	        less: {
	            method(date) {

	                return this.$_addRule({ name: 'less', method: 'compare', args: { date }, operator: '<' });
	            },
	            jsonSchema(rule, res) {

	                const date = rule.args.date;
	                if (date instanceof Date) {
	                    res['x-constraint'] = { ...res['x-constraint'], less: date.toISOString() };
	                }

	                return res;
	            }
	        },

	        max: {
	            method(date) {

	                return this.$_addRule({ name: 'max', method: 'compare', args: { date }, operator: '<=' });
	            },
	            jsonSchema(rule, res) {

	                const date = rule.args.date;
	                if (date instanceof Date) {
	                    res['x-constraint'] = { ...res['x-constraint'], max: date.toISOString() };
	                }

	                return res;
	            }
	        },

	        min: {
	            method(date) {

	                return this.$_addRule({ name: 'min', method: 'compare', args: { date }, operator: '>=' });
	            },
	            jsonSchema(rule, res) {

	                const date = rule.args.date;
	                if (date instanceof Date) {
	                    res['x-constraint'] = { ...res['x-constraint'], min: date.toISOString() };
	                }

	                return res;
	            }
	        },

	        timestamp: {
	            method(type = 'javascript') {

	                assert(['javascript', 'unix'].includes(type), '"type" must be one of "javascript, unix"');

	                return this.format(type);
	            }
	        }
	    },

	    cast: {
	        number: {
	            from: internals.isDate,
	            to(value, helpers) {

	                return value.getTime();
	            }
	        },
	        string: {
	            from: internals.isDate,
	            to(value, { prefs }) {

	                return Template.date(value, prefs);
	            }
	        }
	    },

	    messages: {
	        'date.base': '{{#label}} must be a valid date',
	        'date.format': '{{#label}} must be in {msg("date.format." + #format) || #format} format',
	        'date.greater': '{{#label}} must be greater than {{:#limit}}',
	        'date.less': '{{#label}} must be less than {{:#limit}}',
	        'date.max': '{{#label}} must be less than or equal to {{:#limit}}',
	        'date.min': '{{#label}} must be greater than or equal to {{:#limit}}',

	        // Messages used in date.format

	        'date.format.iso': 'ISO 8601 date',
	        'date.format.javascript': 'timestamp or number of milliseconds',
	        'date.format.unix': 'timestamp or number of seconds'
	    }
	});


	// Helpers

	internals.parse = function (value, format) {

	    if (value instanceof Date) {
	        return value;
	    }

	    if (typeof value !== 'string' &&
	        (isNaN(value) || !isFinite(value))) {

	        return null;
	    }

	    if (/^\s*$/.test(value)) {
	        return null;
	    }

	    // ISO

	    if (format === 'iso') {
	        if (!Common.isIsoDate(value)) {
	            return null;
	        }

	        return internals.date(value.toString());
	    }

	    // Normalize number string

	    const original = value;
	    if (typeof value === 'string' &&
	        /^[+-]?\d+(\.\d+)?$/.test(value)) {

	        value = parseFloat(value);
	    }

	    // Timestamp

	    if (format) {
	        if (format === 'javascript') {
	            return internals.date(1 * value);        // Casting to number
	        }

	        if (format === 'unix') {
	            return internals.date(1000 * value);
	        }

	        if (typeof original === 'string') {
	            return null;
	        }
	    }

	    // Plain

	    return internals.date(value);
	};


	internals.date = function (value) {

	    const date = new Date(value);
	    if (!isNaN(date.getTime())) {
	        return date;
	    }

	    return null;
	};
	return date;
}

var lib$1 = {};

var hasRequiredLib$1;

function requireLib$1 () {
	if (hasRequiredLib$1) return lib$1;
	hasRequiredLib$1 = 1;

	const { assert } = requireLib$4();


	const internals = {};


	lib$1.Sorter = class {

	    constructor() {

	        this._items = [];
	        this.nodes = [];
	    }

	    add(nodes, options) {

	        options = options ?? {};

	        // Validate rules

	        const before = [].concat(options.before ?? []);
	        const after = [].concat(options.after ?? []);
	        const group = options.group ?? '?';
	        const sort = options.sort ?? 0;                   // Used for merging only

	        assert(!before.includes(group), `Item cannot come before itself: ${group}`);
	        assert(!before.includes('?'), 'Item cannot come before unassociated items');
	        assert(!after.includes(group), `Item cannot come after itself: ${group}`);
	        assert(!after.includes('?'), 'Item cannot come after unassociated items');

	        if (!Array.isArray(nodes)) {
	            nodes = [nodes];
	        }

	        for (const node of nodes) {
	            const item = {
	                seq: this._items.length,
	                sort,
	                before,
	                after,
	                group,
	                node
	            };

	            this._items.push(item);
	        }

	        // Insert event

	        if (!options.manual) {
	            const valid = this._sort();
	            assert(valid, 'item', group !== '?' ? `added into group ${group}` : '', 'created a dependencies error');
	        }

	        return this.nodes;
	    }

	    merge(others) {

	        if (!Array.isArray(others)) {
	            others = [others];
	        }

	        for (const other of others) {
	            if (other) {
	                for (const item of other._items) {
	                    this._items.push(Object.assign({}, item));      // Shallow cloned
	                }
	            }
	        }

	        // Sort items

	        this._items.sort(internals.mergeSort);
	        for (let i = 0; i < this._items.length; ++i) {
	            this._items[i].seq = i;
	        }

	        const valid = this._sort();
	        assert(valid, 'merge created a dependencies error');

	        return this.nodes;
	    }

	    sort() {

	        const valid = this._sort();
	        assert(valid, 'sort created a dependencies error');

	        return this.nodes;
	    }

	    _sort() {

	        // Construct graph

	        const graph = {};
	        const graphAfters = Object.create(null);            // A prototype can bungle lookups w/ false positives
	        const groups = Object.create(null);

	        for (const item of this._items) {
	            const seq = item.seq;                           // Unique across all items
	            const group = item.group;

	            // Determine Groups

	            groups[group] = groups[group] ?? [];
	            groups[group].push(seq);

	            // Build intermediary graph using 'before'

	            graph[seq] = item.before;

	            // Build second intermediary graph with 'after'

	            for (const after of item.after) {
	                graphAfters[after] = graphAfters[after] ?? [];
	                graphAfters[after].push(seq);
	            }
	        }

	        // Expand intermediary graph

	        for (const node in graph) {
	            const expandedGroups = [];

	            for (const graphNodeItem in graph[node]) {
	                const group = graph[node][graphNodeItem];
	                groups[group] = groups[group] ?? [];
	                expandedGroups.push(...groups[group]);
	            }

	            graph[node] = expandedGroups;
	        }

	        // Merge intermediary graph using graphAfters into final graph

	        for (const group in graphAfters) {
	            if (groups[group]) {
	                for (const node of groups[group]) {
	                    graph[node].push(...graphAfters[group]);
	                }
	            }
	        }

	        // Compile ancestors

	        const ancestors = {};
	        for (const node in graph) {
	            const children = graph[node];
	            for (const child of children) {
	                ancestors[child] = ancestors[child] ?? [];
	                ancestors[child].push(node);
	            }
	        }

	        // Topo sort

	        const visited = {};
	        const sorted = [];

	        for (let i = 0; i < this._items.length; ++i) {          // Looping through item.seq values out of order
	            let next = i;

	            if (ancestors[i]) {
	                next = null;
	                for (let j = 0; j < this._items.length; ++j) {  // As above, these are item.seq values
	                    if (visited[j] === true) {
	                        continue;
	                    }

	                    if (!ancestors[j]) {
	                        ancestors[j] = [];
	                    }

	                    const shouldSeeCount = ancestors[j].length;
	                    let seenCount = 0;
	                    for (let k = 0; k < shouldSeeCount; ++k) {
	                        if (visited[ancestors[j][k]]) {
	                            ++seenCount;
	                        }
	                    }

	                    if (seenCount === shouldSeeCount) {
	                        next = j;
	                        break;
	                    }
	                }
	            }

	            if (next !== null) {
	                visited[next] = true;
	                sorted.push(next);
	            }
	        }

	        if (sorted.length !== this._items.length) {
	            return false;
	        }

	        const seqIndex = {};
	        for (const item of this._items) {
	            seqIndex[item.seq] = item;
	        }

	        this._items = [];
	        this.nodes = [];

	        for (const value of sorted) {
	            const sortedItem = seqIndex[value];
	            this.nodes.push(sortedItem.node);
	            this._items.push(sortedItem);
	        }

	        return true;
	    }
	};


	internals.mergeSort = (a, b) => {

	    return a.sort === b.sort ? 0 : (a.sort < b.sort ? -1 : 1);
	};
	return lib$1;
}

var keys;
var hasRequiredKeys;

function requireKeys () {
	if (hasRequiredKeys) return keys;
	hasRequiredKeys = 1;

	const { applyToDefaults, assert, clone: Clone } = requireLib$4();
	const Topo = requireLib$1();

	const Any = requireAny();
	const Common = requireCommon();
	const Compile = requireCompile();
	const Errors = requireErrors();
	const Ref = requireRef();
	const Template = requireTemplate();


	const internals = {
	    renameDefaults: {
	        alias: false,                   // Keep old value in place
	        multiple: false,                // Allow renaming multiple keys into the same target
	        override: false                 // Overrides an existing key
	    }
	};


	keys = Any.extend({

	    type: '_keys',

	    properties: {

	        typeof: 'object'
	    },

	    flags: {

	        unknown: { default: undefined }
	    },

	    terms: {

	        dependencies: { init: null },
	        keys: { init: null, manifest: { mapped: { from: 'schema', to: 'key' } } },
	        patterns: { init: null },
	        renames: { init: null }
	    },

	    args(schema, keys) {

	        return schema.keys(keys);
	    },

	    jsonSchema(schema, res, mode, options) {

	        res.type = 'object';

	        // Map Joi keys to JSON Schema 'properties' and 'required'

	        if (schema.$_terms.keys) {
	            res.properties = {};

	            const required = [];

	            for (const child of schema.$_terms.keys) {
	                const jsonSchema = child.schema.$_jsonSchema(mode, options);
	                res.properties[child.key] = jsonSchema;

	                if (child.schema._flags.id) {
	                    options.$defs[child.schema._flags.id] = jsonSchema;
	                }

	                if (child.schema._flags.presence === 'required' ||
	                    (mode === 'output' && child.schema._flags.default !== undefined)) {

	                    required.push(child.key);
	                }
	            }

	            if (required.length) {
	                res.required = required.sort();
	            }
	        }

	        // Map Joi patterns to JSON Schema 'patternProperties' or 'additionalProperties'

	        if (schema.$_terms.patterns) {
	            const patternProperties = {};

	            for (const pattern of schema.$_terms.patterns) {
	                if (pattern.regex) {
	                    patternProperties[pattern.regex.source] = pattern.rule.$_jsonSchema(mode, options);
	                }
	                else {
	                    const isAny = pattern.schema.type === 'any';
	                    if (isAny) {
	                        res.additionalProperties = pattern.rule.$_jsonSchema(mode, options);
	                    }
	                    else {
	                        // Best effort for schema-based patterns that are not 'any'
	                        patternProperties['.*'] = pattern.rule.$_jsonSchema(mode, options);
	                    }
	                }
	            }

	            if (Object.keys(patternProperties).length) {
	                res.patternProperties = patternProperties;
	            }
	        }

	        // Handle 'additionalProperties' based on unknown keys flag

	        if (res.additionalProperties === undefined) {
	            const additionalProperties = schema._flags.unknown === true || (schema._flags.unknown === undefined && !schema.$_terms.keys && !schema.$_terms.patterns && !schema._flags.only);
	            if (additionalProperties === false) {
	                res.additionalProperties = false;
	            }
	        }

	        return res;
	    },

	    validate(value, { schema, error, state, prefs }) {

	        if (!value ||
	            typeof value !== schema.$_property('typeof') ||
	            Array.isArray(value)) {

	            return { value, errors: error('object.base', { type: schema.$_property('typeof') }) };
	        }

	        // Skip if there are no other rules to test

	        if (!schema.$_terms.renames &&
	            !schema.$_terms.dependencies &&
	            !schema.$_terms.keys &&                       // null allows any keys
	            !schema.$_terms.patterns &&
	            !schema.$_terms.externals) {

	            return;
	        }

	        // Shallow clone value

	        value = internals.clone(value, prefs);
	        const errors = [];

	        // Rename keys

	        if (schema.$_terms.renames &&
	            !internals.rename(schema, value, state, prefs, errors)) {

	            return { value, errors };
	        }

	        // Anything allowed

	        if (!schema.$_terms.keys &&                       // null allows any keys
	            !schema.$_terms.patterns &&
	            !schema.$_terms.dependencies) {

	            return { value, errors };
	        }

	        // Defined keys

	        const unprocessed = new Set(Object.keys(value));

	        if (schema.$_terms.keys) {
	            const ancestors = [value, ...state.ancestors];

	            for (const child of schema.$_terms.keys) {
	                const key = child.key;
	                const item = value[key];

	                unprocessed.delete(key);

	                const localState = state.localize([...state.path, key], ancestors, child);
	                const result = child.schema.$_validate(item, localState, prefs);

	                if (result.errors) {
	                    if (prefs.abortEarly) {
	                        return { value, errors: result.errors };
	                    }

	                    if (result.value !== undefined) {
	                        value[key] = result.value;
	                    }

	                    errors.push(...result.errors);
	                }
	                else if (child.schema._flags.result === 'strip' ||
	                    result.value === undefined && item !== undefined) {

	                    delete value[key];
	                }
	                else if (result.value !== undefined) {
	                    value[key] = result.value;
	                }
	            }
	        }

	        // Unknown keys

	        if (unprocessed.size ||
	            schema._flags._hasPatternMatch) {

	            const early = internals.unknown(schema, value, unprocessed, errors, state, prefs);
	            if (early) {
	                return early;
	            }
	        }

	        // Validate dependencies

	        if (schema.$_terms.dependencies) {
	            for (const dep of schema.$_terms.dependencies) {
	                if (
	                    dep.key !== null &&
	                    internals.isPresent(dep.options)(dep.key.resolve(value, state, prefs, null, { shadow: false })) === false
	                ) {

	                    continue;
	                }

	                const failed = internals.dependencies[dep.rel](schema, dep, value, state, prefs);
	                if (failed) {
	                    const report = schema.$_createError(failed.code, value, failed.context, state, prefs);
	                    if (prefs.abortEarly) {
	                        return { value, errors: report };
	                    }

	                    errors.push(report);
	                }
	            }
	        }

	        return { value, errors };
	    },

	    rules: {

	        and: {
	            method(...peers /*, [options] */) {

	                Common.verifyFlat(peers, 'and');

	                return internals.dependency(this, 'and', null, peers);
	            }
	        },

	        append: {
	            method(schema) {

	                if (schema === null ||
	                    schema === undefined ||
	                    Object.keys(schema).length === 0) {

	                    return this;
	                }

	                return this.keys(schema);
	            }
	        },

	        assert: {
	            method(subject, schema, message) {

	                if (!Template.isTemplate(subject)) {
	                    subject = Compile.ref(subject);
	                }

	                assert(message === undefined || typeof message === 'string', 'Message must be a string');

	                schema = this.$_compile(schema, { appendPath: true });

	                const obj = this.$_addRule({ name: 'assert', args: { subject, schema, message } });
	                obj.$_mutateRegister(subject);
	                obj.$_mutateRegister(schema);
	                return obj;
	            },
	            validate(value, { error, prefs, state }, { subject, schema, message }) {

	                const about = subject.resolve(value, state, prefs);
	                const path = Ref.isRef(subject) ? subject.absolute(state) : [];
	                if (schema.$_match(about, state.localize(path, [value, ...state.ancestors], schema), prefs)) {
	                    return value;
	                }

	                return error('object.assert', { subject, message });
	            },
	            args: ['subject', 'schema', 'message'],
	            multi: true
	        },

	        instance: {
	            method(constructor, name) {

	                assert(typeof constructor === 'function', 'constructor must be a function');

	                name = name || constructor.name;

	                return this.$_addRule({ name: 'instance', args: { constructor, name } });
	            },
	            validate(value, helpers, { constructor, name }) {

	                if (value instanceof constructor) {
	                    return value;
	                }

	                return helpers.error('object.instance', { type: name, value });
	            },
	            args: ['constructor', 'name']
	        },

	        keys: {
	            method(schema) {

	                assert(schema === undefined || typeof schema === 'object', 'Object schema must be a valid object');
	                assert(!Common.isSchema(schema), 'Object schema cannot be a joi schema');

	                const obj = this.clone();

	                if (!schema) {                                      // Allow all
	                    obj.$_terms.keys = null;
	                }
	                else if (!Object.keys(schema).length) {             // Allow none
	                    obj.$_terms.keys = new internals.Keys();
	                }
	                else {
	                    obj.$_terms.keys = obj.$_terms.keys ? obj.$_terms.keys.filter((child) => !schema.hasOwnProperty(child.key)) : new internals.Keys();
	                    for (const key of Object.keys(schema)) {
	                        Common.tryWithPath(() => obj.$_terms.keys.push({ key, schema: this.$_compile(schema[key]) }), key);
	                    }
	                }

	                return obj.$_mutateRebuild();
	            }
	        },

	        length: {
	            method(limit) {

	                return this.$_addRule({ name: 'length', args: { limit }, operator: '=' });
	            },
	            validate(value, helpers, { limit }, { name, operator, args }) {

	                if (Common.compare(Object.keys(value).length, limit, operator)) {
	                    return value;
	                }

	                return helpers.error('object.' + name, { limit: args.limit, value });
	            },
	            jsonSchema(rule, res) {

	                res.minProperties = rule.args.limit;
	                res.maxProperties = rule.args.limit;
	                return res;
	            },
	            args: [
	                {
	                    name: 'limit',
	                    ref: true,
	                    assert: Common.limit,
	                    message: 'must be a positive integer'
	                }
	            ]
	        },

	        max: {
	            method(limit) {

	                return this.$_addRule({ name: 'max', method: 'length', args: { limit }, operator: '<=' });
	            },
	            jsonSchema(rule, res) {

	                res.maxProperties = rule.args.limit;
	                return res;
	            }
	        },

	        min: {
	            method(limit) {

	                return this.$_addRule({ name: 'min', method: 'length', args: { limit }, operator: '>=' });
	            },
	            jsonSchema(rule, res) {

	                res.minProperties = rule.args.limit;
	                return res;
	            }
	        },

	        nand: {
	            method(...peers /*, [options] */) {

	                Common.verifyFlat(peers, 'nand');

	                return internals.dependency(this, 'nand', null, peers);
	            }
	        },

	        or: {
	            method(...peers /*, [options] */) {

	                Common.verifyFlat(peers, 'or');

	                return internals.dependency(this, 'or', null, peers);
	            }
	        },

	        oxor: {
	            method(...peers /*, [options] */) {

	                return internals.dependency(this, 'oxor', null, peers);
	            }
	        },

	        pattern: {
	            method(pattern, schema, options = {}) {

	                const isRegExp = pattern instanceof RegExp;
	                if (!isRegExp) {
	                    pattern = this.$_compile(pattern, { appendPath: true });
	                }

	                assert(schema !== undefined, 'Invalid rule');
	                Common.assertOptions(options, ['fallthrough', 'matches']);

	                if (isRegExp) {
	                    assert(!pattern.flags.includes('g') && !pattern.flags.includes('y'), 'pattern should not use global or sticky mode');
	                }

	                schema = this.$_compile(schema, { appendPath: true });

	                const obj = this.clone();
	                obj.$_terms.patterns = obj.$_terms.patterns || [];
	                const config = { [isRegExp ? 'regex' : 'schema']: pattern, rule: schema };
	                if (options.matches) {
	                    config.matches = this.$_compile(options.matches);
	                    if (config.matches.type !== 'array') {
	                        config.matches = config.matches.$_root.array().items(config.matches);
	                    }

	                    obj.$_mutateRegister(config.matches);
	                    obj.$_setFlag('_hasPatternMatch', true, { clone: false });
	                }

	                if (options.fallthrough) {
	                    config.fallthrough = true;
	                }

	                obj.$_terms.patterns.push(config);
	                obj.$_mutateRegister(schema);
	                return obj;
	            }
	        },

	        ref: {
	            method() {

	                return this.$_addRule('ref');
	            },
	            validate(value, helpers) {

	                if (Ref.isRef(value)) {
	                    return value;
	                }

	                return helpers.error('object.refType', { value });
	            }
	        },

	        regex: {
	            method() {

	                return this.$_addRule('regex');
	            },
	            validate(value, helpers) {

	                if (value instanceof RegExp) {
	                    return value;
	                }

	                return helpers.error('object.regex', { value });
	            }
	        },

	        rename: {
	            method(from, to, options = {}) {

	                assert(typeof from === 'string' || from instanceof RegExp, 'Rename missing the from argument');
	                assert(typeof to === 'string' || to instanceof Template, 'Invalid rename to argument');
	                assert(to !== from, 'Cannot rename key to same name:', from);

	                Common.assertOptions(options, ['alias', 'ignoreUndefined', 'override', 'multiple']);

	                const obj = this.clone();

	                obj.$_terms.renames = obj.$_terms.renames || [];
	                for (const rename of obj.$_terms.renames) {
	                    assert(rename.from !== from, 'Cannot rename the same key multiple times');
	                }

	                if (to instanceof Template) {
	                    obj.$_mutateRegister(to);
	                }

	                obj.$_terms.renames.push({
	                    from,
	                    to,
	                    options: applyToDefaults(internals.renameDefaults, options)
	                });

	                return obj;
	            }
	        },

	        schema: {
	            method(type = 'any') {

	                return this.$_addRule({ name: 'schema', args: { type } });
	            },
	            validate(value, helpers, { type }) {

	                if (Common.isSchema(value) &&
	                    (type === 'any' || value.type === type)) {

	                    return value;
	                }

	                return helpers.error('object.schema', { type });
	            }
	        },

	        unknown: {
	            method(allow) {

	                return this.$_setFlag('unknown', allow !== false);
	            }
	        },

	        with: {
	            method(key, peers, options = {}) {

	                return internals.dependency(this, 'with', key, peers, options);
	            }
	        },

	        without: {
	            method(key, peers, options = {}) {

	                return internals.dependency(this, 'without', key, peers, options);
	            }
	        },

	        xor: {
	            method(...peers /*, [options] */) {

	                Common.verifyFlat(peers, 'xor');

	                return internals.dependency(this, 'xor', null, peers);
	            }
	        }
	    },

	    overrides: {

	        default(value, options) {

	            if (value === undefined) {
	                value = Common.symbols.deepDefault;
	            }

	            return this.$_parent('default', value, options);
	        },

	        isAsync() {

	            if (this.$_terms.externals?.length) {
	                return true;
	            }

	            if (this.$_terms.keys?.length) {
	                for (const key of this.$_terms.keys) {
	                    if (key.schema.isAsync()) {
	                        return true;
	                    }
	                }
	            }

	            if (this.$_terms.patterns?.length) {
	                for (const pattern of this.$_terms.patterns) {
	                    if (pattern.rule.isAsync()) {
	                        return true;
	                    }
	                }
	            }

	            return false;
	        }
	    },

	    rebuild(schema) {

	        if (schema.$_terms.keys) {
	            schema.$_terms.keys = new internals.Keys(...internals.sortKeys(schema.$_terms.keys));
	        }
	    },

	    manifest: {

	        build(obj, desc) {

	            if (desc.keys) {
	                obj = obj.keys(desc.keys);
	            }

	            if (desc.dependencies) {
	                for (const { rel, key = null, peers, options } of desc.dependencies) {
	                    obj = internals.dependency(obj, rel, key, peers, options);
	                }
	            }

	            if (desc.patterns) {
	                for (const { regex, schema, rule, fallthrough, matches } of desc.patterns) {
	                    obj = obj.pattern(regex || schema, rule, { fallthrough, matches });
	                }
	            }

	            if (desc.renames) {
	                for (const { from, to, options } of desc.renames) {
	                    obj = obj.rename(from, to, options);
	                }
	            }

	            return obj;
	        }
	    },

	    messages: {
	        'object.and': '{{#label}} contains {{#presentWithLabels}} without its required peers {{#missingWithLabels}}',
	        'object.assert': '{{#label}} is invalid because {if(#subject.key, `"` + #subject.key + `" failed to ` + (#message || "pass the assertion test"), #message || "the assertion failed")}',
	        'object.base': '{{#label}} must be of type {{#type}}',
	        'object.instance': '{{#label}} must be an instance of {{:#type}}',
	        'object.length': '{{#label}} must have {{#limit}} key{if(#limit == 1, "", "s")}',
	        'object.max': '{{#label}} must have less than or equal to {{#limit}} key{if(#limit == 1, "", "s")}',
	        'object.min': '{{#label}} must have at least {{#limit}} key{if(#limit == 1, "", "s")}',
	        'object.missing': '{{#label}} must contain at least one of {{#peersWithLabels}}',
	        'object.nand': '{{:#mainWithLabel}} must not exist simultaneously with {{#peersWithLabels}}',
	        'object.oxor': '{{#label}} contains a conflict between optional exclusive peers {{#peersWithLabels}}',
	        'object.pattern.match': '{{#label}} keys failed to match pattern requirements',
	        'object.refType': '{{#label}} must be a Joi reference',
	        'object.regex': '{{#label}} must be a RegExp object',
	        'object.rename.multiple': '{{#label}} cannot rename {{:#from}} because multiple renames are disabled and another key was already renamed to {{:#to}}',
	        'object.rename.override': '{{#label}} cannot rename {{:#from}} because override is disabled and target {{:#to}} exists',
	        'object.rename.proto': '{{#label}} cannot rename {{:#from}} because target {{:#to}} is a reserved key',
	        'object.schema': '{{#label}} must be a Joi schema of {{#type}} type',
	        'object.unknown': '{{#label}} is not allowed',
	        'object.with': '{{:#mainWithLabel}} missing required peer {{:#peerWithLabel}}',
	        'object.without': '{{:#mainWithLabel}} conflict with forbidden peer {{:#peerWithLabel}}',
	        'object.xor': '{{#label}} contains a conflict between exclusive peers {{#peersWithLabels}}'
	    }
	});


	// Helpers

	internals.clone = function (value, prefs) {

	    // Object

	    if (typeof value === 'object') {
	        if (prefs.nonEnumerables) {
	            return Clone(value, { shallow: true });
	        }

	        const proto = Object.getPrototypeOf(value);
	        const clone = Object.create(proto);
	        Object.assign(clone, value);

	        // Restore the prototype in case of pre-existing prototype pollution
	        if (Object.getPrototypeOf(clone) !== proto) {
	            Object.setPrototypeOf(clone, proto);
	        }

	        return clone;
	    }

	    // Function

	    const clone = function (...args) {

	        return value.apply(this, args);
	    };

	    clone.prototype = Clone(value.prototype);
	    Object.defineProperty(clone, 'name', { value: value.name, writable: false });
	    Object.defineProperty(clone, 'length', { value: value.length, writable: false });
	    Object.assign(clone, value);
	    return clone;
	};


	internals.dependency = function (schema, rel, key, peers, options) {

	    assert(key === null || typeof key === 'string', rel, 'key must be a strings');

	    // Extract options from peers array

	    if (!options) {
	        options = peers.length > 1 && typeof peers[peers.length - 1] === 'object' ? peers.pop() : {};
	    }

	    Common.assertOptions(options, ['separator', 'isPresent']);

	    peers = [].concat(peers);

	    // Cast peer paths

	    const separator = Common.default(options.separator, '.');
	    const paths = [];
	    for (const peer of peers) {
	        assert(typeof peer === 'string', rel, 'peers must be strings');
	        paths.push(Compile.ref(peer, { separator, ancestor: 0, prefix: false }));
	    }

	    // Cast key

	    if (key !== null) {
	        key = Compile.ref(key, { separator, ancestor: 0, prefix: false });
	    }

	    // Add rule

	    const obj = schema.clone();
	    obj.$_terms.dependencies = obj.$_terms.dependencies || [];
	    obj.$_terms.dependencies.push(new internals.Dependency(rel, key, paths, peers, options));
	    return obj;
	};


	internals.dependencies = {

	    and(schema, dep, value, state, prefs) {

	        const missing = [];
	        const present = [];
	        const count = dep.peers.length;
	        const isPresent = internals.isPresent(dep.options);
	        for (const peer of dep.peers) {
	            if (isPresent(peer.resolve(value, state, prefs, null, { shadow: false })) === false) {
	                missing.push(peer.key);
	            }
	            else {
	                present.push(peer.key);
	            }
	        }

	        if (missing.length !== count &&
	            present.length !== count) {

	            return {
	                code: 'object.and',
	                context: {
	                    present,
	                    presentWithLabels: internals.keysToLabels(schema, present),
	                    missing,
	                    missingWithLabels: internals.keysToLabels(schema, missing)
	                }
	            };
	        }
	    },

	    nand(schema, dep, value, state, prefs) {

	        const present = [];
	        const isPresent = internals.isPresent(dep.options);
	        for (const peer of dep.peers) {
	            if (isPresent(peer.resolve(value, state, prefs, null, { shadow: false }))) {
	                present.push(peer.key);
	            }
	        }

	        if (present.length !== dep.peers.length) {
	            return;
	        }

	        const main = dep.paths[0];
	        const values = dep.paths.slice(1);
	        return {
	            code: 'object.nand',
	            context: {
	                main,
	                mainWithLabel: internals.keysToLabels(schema, main),
	                peers: values,
	                peersWithLabels: internals.keysToLabels(schema, values)
	            }
	        };
	    },

	    or(schema, dep, value, state, prefs) {

	        const isPresent = internals.isPresent(dep.options);
	        for (const peer of dep.peers) {
	            if (isPresent(peer.resolve(value, state, prefs, null, { shadow: false }))) {
	                return;
	            }
	        }

	        return {
	            code: 'object.missing',
	            context: {
	                peers: dep.paths,
	                peersWithLabels: internals.keysToLabels(schema, dep.paths)
	            }
	        };
	    },

	    oxor(schema, dep, value, state, prefs) {

	        const present = [];
	        const isPresent = internals.isPresent(dep.options);
	        for (const peer of dep.peers) {
	            if (isPresent(peer.resolve(value, state, prefs, null, { shadow: false }))) {
	                present.push(peer.key);
	            }
	        }

	        if (!present.length ||
	            present.length === 1) {

	            return;
	        }

	        const context = { peers: dep.paths, peersWithLabels: internals.keysToLabels(schema, dep.paths) };
	        context.present = present;
	        context.presentWithLabels = internals.keysToLabels(schema, present);
	        return { code: 'object.oxor', context };
	    },

	    with(schema, dep, value, state, prefs) {

	        const isPresent = internals.isPresent(dep.options);
	        for (const peer of dep.peers) {
	            if (isPresent(peer.resolve(value, state, prefs, null, { shadow: false })) === false) {
	                return {
	                    code: 'object.with',
	                    context: {
	                        main: dep.key.key,
	                        mainWithLabel: internals.keysToLabels(schema, dep.key.key),
	                        peer: peer.key,
	                        peerWithLabel: internals.keysToLabels(schema, peer.key)
	                    }
	                };
	            }
	        }
	    },

	    without(schema, dep, value, state, prefs) {

	        const isPresent = internals.isPresent(dep.options);
	        for (const peer of dep.peers) {
	            if (isPresent(peer.resolve(value, state, prefs, null, { shadow: false }))) {
	                return {
	                    code: 'object.without',
	                    context: {
	                        main: dep.key.key,
	                        mainWithLabel: internals.keysToLabels(schema, dep.key.key),
	                        peer: peer.key,
	                        peerWithLabel: internals.keysToLabels(schema, peer.key)
	                    }
	                };
	            }
	        }
	    },

	    xor(schema, dep, value, state, prefs) {

	        const present = [];
	        const isPresent = internals.isPresent(dep.options);
	        for (const peer of dep.peers) {
	            if (isPresent(peer.resolve(value, state, prefs, null, { shadow: false }))) {
	                present.push(peer.key);
	            }
	        }

	        if (present.length === 1) {
	            return;
	        }

	        const context = { peers: dep.paths, peersWithLabels: internals.keysToLabels(schema, dep.paths) };
	        if (present.length === 0) {
	            return { code: 'object.missing', context };
	        }

	        context.present = present;
	        context.presentWithLabels = internals.keysToLabels(schema, present);
	        return { code: 'object.xor', context };
	    }
	};


	internals.sortKeys = function (keys, manual = true) {

	    const topo = new Topo.Sorter();
	    for (const child of keys) {
	        Common.tryWithPath(() => topo.add(child, { after: child.schema.$_rootReferences(), group: child.key, manual }), child.key);
	    }

	    try {
	        return topo.sort();
	    }
	    catch {

	        // Sorting once at the end doesn't tell which key created the cycle, so replay the adds sorting each time to get the detailed error

	        return internals.sortKeys(keys, false);
	    }
	};


	internals.keysToLabels = function (schema, keys) {

	    if (Array.isArray(keys)) {
	        return keys.map((key) => schema.$_mapLabels(key));
	    }

	    return schema.$_mapLabels(keys);
	};


	internals.isPresent = function (options) {

	    return typeof options.isPresent === 'function' ? options.isPresent : (resolved) => resolved !== undefined;
	};


	internals.rename = function (schema, value, state, prefs, errors) {

	    const renamed = Object.create(null);
	    for (const rename of schema.$_terms.renames) {
	        const matches = [];
	        const pattern = typeof rename.from !== 'string';

	        if (!pattern) {
	            if (Object.prototype.hasOwnProperty.call(value, rename.from) &&
	                (value[rename.from] !== undefined || !rename.options.ignoreUndefined)) {

	                matches.push(rename);
	            }
	        }
	        else {
	            for (const from of Object.keys(value)) {
	                if (value[from] === undefined &&
	                    rename.options.ignoreUndefined) {

	                    continue;
	                }

	                if (from === rename.to) {
	                    continue;
	                }

	                const match = rename.from.exec(from);
	                if (!match) {
	                    continue;
	                }

	                matches.push({ from, to: rename.to, match });
	            }
	        }

	        for (const match of matches) {
	            const from = match.from;
	            let to = match.to;
	            if (to instanceof Template) {
	                to = to.render(value, state, prefs, match.match);
	            }

	            if (from === to) {
	                continue;
	            }

	            if (!rename.options.multiple &&
	                renamed[to]) {

	                errors.push(schema.$_createError('object.rename.multiple', value, { from, to, pattern }, state, prefs));
	                if (prefs.abortEarly) {
	                    return false;
	                }
	            }

	            if (Object.prototype.hasOwnProperty.call(value, to) &&
	                !rename.options.override &&
	                !renamed[to]) {

	                errors.push(schema.$_createError('object.rename.override', value, { from, to, pattern }, state, prefs));
	                if (prefs.abortEarly) {
	                    return false;
	                }
	            }

	            if (to === '__proto__') {
	                errors.push(schema.$_createError('object.rename.proto', value, { from, to, pattern }, state, prefs));
	                if (prefs.abortEarly) {
	                    return false;
	                }

	                continue;
	            }

	            if (value[from] === undefined) {
	                delete value[to];
	            }
	            else {
	                value[to] = value[from];
	            }

	            renamed[to] = true;

	            if (!rename.options.alias) {
	                delete value[from];
	            }
	        }
	    }

	    return true;
	};


	internals.unknown = function (schema, value, unprocessed, errors, state, prefs) {

	    if (schema.$_terms.patterns) {
	        let hasMatches = false;
	        const matches = schema.$_terms.patterns.map((pattern) => {

	            if (pattern.matches) {
	                hasMatches = true;
	                return [];
	            }
	        });

	        const ancestors = [value, ...state.ancestors];

	        for (const key of unprocessed) {
	            const item = value[key];
	            const path = [...state.path, key];

	            for (let i = 0; i < schema.$_terms.patterns.length; ++i) {
	                const pattern = schema.$_terms.patterns[i];
	                if (pattern.regex) {
	                    const match = pattern.regex.test(key);
	                    state.mainstay.tracer.debug(state, 'rule', `pattern.${i}`, match ? 'pass' : 'error');
	                    if (!match) {
	                        continue;
	                    }
	                }
	                else {
	                    if (!pattern.schema.$_match(key, state.nest(pattern.schema, `pattern.${i}`), prefs)) {
	                        continue;
	                    }
	                }

	                unprocessed.delete(key);

	                const localState = state.localize(path, ancestors, { schema: pattern.rule, key });
	                const result = pattern.rule.$_validate(item, localState, prefs);
	                if (result.errors) {
	                    if (prefs.abortEarly) {
	                        return { value, errors: result.errors };
	                    }

	                    errors.push(...result.errors);
	                }

	                if (pattern.matches) {
	                    matches[i].push(key);
	                }

	                value[key] = result.value;
	                if (!pattern.fallthrough) {
	                    break;
	                }
	            }
	        }

	        // Validate pattern matches rules

	        if (hasMatches) {
	            for (let i = 0; i < matches.length; ++i) {
	                const match = matches[i];
	                if (!match) {
	                    continue;
	                }

	                const stpm = schema.$_terms.patterns[i].matches;
	                const localState = state.localize(state.path, ancestors, stpm);
	                const result = stpm.$_validate(match, localState, prefs);
	                if (result.errors) {
	                    const details = Errors.details(result.errors, { override: false });
	                    details.matches = match;
	                    const report = schema.$_createError('object.pattern.match', value, details, state, prefs);
	                    if (prefs.abortEarly) {
	                        return { value, errors: report };
	                    }

	                    errors.push(report);
	                }
	            }
	        }
	    }

	    if (!unprocessed.size ||
	        !schema.$_terms.keys && !schema.$_terms.patterns) {     // If no keys or patterns specified, unknown keys allowed

	        return;
	    }

	    if (prefs.stripUnknown && typeof schema._flags.unknown === 'undefined' ||
	        prefs.skipFunctions) {

	        const stripUnknown = prefs.stripUnknown ? (prefs.stripUnknown === true ? true : !!prefs.stripUnknown.objects) : false;

	        for (const key of unprocessed) {
	            if (stripUnknown) {
	                delete value[key];
	                unprocessed.delete(key);
	            }
	            else if (typeof value[key] === 'function') {
	                unprocessed.delete(key);
	            }
	        }
	    }

	    const forbidUnknown = !Common.default(schema._flags.unknown, prefs.allowUnknown);
	    if (forbidUnknown) {
	        for (const unprocessedKey of unprocessed) {
	            const localState = state.localize([...state.path, unprocessedKey], []);
	            const report = schema.$_createError('object.unknown', value[unprocessedKey], { child: unprocessedKey }, localState, prefs, { flags: false });
	            if (prefs.abortEarly) {
	                return { value, errors: report };
	            }

	            errors.push(report);
	        }
	    }
	};


	internals.Dependency = class {

	    constructor(rel, key, peers, paths, options) {

	        this.rel = rel;
	        this.key = key;
	        this.peers = peers;
	        this.paths = paths;
	        this.options = options;
	    }

	    describe() {

	        const desc = {
	            rel: this.rel,
	            peers: this.paths
	        };

	        if (this.key !== null) {
	            desc.key = this.key.key;
	        }

	        if (this.peers[0].separator !== '.') {
	            desc.options = { ...desc.options, separator: this.peers[0].separator };
	        }

	        if (this.options.isPresent) {
	            desc.options = { ...desc.options, isPresent: this.options.isPresent };
	        }

	        return desc;
	    }
	};


	internals.Keys = class extends Array {

	    concat(source) {

	        const result = this.slice();

	        const keys = new Map();
	        for (let i = 0; i < result.length; ++i) {
	            keys.set(result[i].key, i);
	        }

	        for (const item of source) {
	            const key = item.key;
	            const pos = keys.get(key);
	            if (pos !== undefined) {
	                result[pos] = { key, schema: result[pos].schema.concat(item.schema) };
	            }
	            else {
	                result.push(item);
	            }
	        }

	        return result;
	    }
	};
	return keys;
}

var _function;
var hasRequired_function;

function require_function () {
	if (hasRequired_function) return _function;
	hasRequired_function = 1;

	const { assert } = requireLib$4();

	const Keys = requireKeys();


	_function = Keys.extend({

	    type: 'function',

	    properties: {
	        typeof: 'function'
	    },

	    rules: {
	        arity: {
	            method(n) {

	                assert(Number.isSafeInteger(n) && n >= 0, 'n must be a positive integer');

	                return this.$_addRule({ name: 'arity', args: { n } });
	            },
	            validate(value, helpers, { n }) {

	                if (value.length === n) {
	                    return value;
	                }

	                return helpers.error('function.arity', { n });
	            }
	        },

	        class: {
	            method() {

	                return this.$_addRule('class');
	            },
	            validate(value, helpers) {

	                if ((/^\s*class\s/).test(value.toString())) {
	                    return value;
	                }

	                return helpers.error('function.class', { value });
	            }
	        },

	        minArity: {
	            method(n) {

	                assert(Number.isSafeInteger(n) && n > 0, 'n must be a strict positive integer');

	                return this.$_addRule({ name: 'minArity', args: { n } });
	            },
	            validate(value, helpers, { n }) {

	                if (value.length >= n) {
	                    return value;
	                }

	                return helpers.error('function.minArity', { n });
	            }
	        },

	        maxArity: {
	            method(n) {

	                assert(Number.isSafeInteger(n) && n >= 0, 'n must be a positive integer');

	                return this.$_addRule({ name: 'maxArity', args: { n } });
	            },
	            validate(value, helpers, { n }) {

	                if (value.length <= n) {
	                    return value;
	                }

	                return helpers.error('function.maxArity', { n });
	            }
	        }
	    },

	    messages: {
	        'function.arity': '{{#label}} must have an arity of {{#n}}',
	        'function.class': '{{#label}} must be a class',
	        'function.maxArity': '{{#label}} must have an arity lesser or equal to {{#n}}',
	        'function.minArity': '{{#label}} must have an arity greater or equal to {{#n}}'
	    }
	});
	return _function;
}

var link;
var hasRequiredLink;

function requireLink () {
	if (hasRequiredLink) return link;
	hasRequiredLink = 1;

	const { assert } = requireLib$4();

	const Any = requireAny();
	const Common = requireCommon();
	const Compile = requireCompile();
	const Errors = requireErrors();


	const internals = {};


	link = Any.extend({

	    type: 'link',

	    properties: {
	        schemaChain: true
	    },

	    terms: {

	        link: { init: null, manifest: 'single', register: false }
	    },

	    args(schema, ref) {

	        return schema.ref(ref);
	    },

	    jsonSchema(schema, res, mode, options) {

	        if (!schema.$_terms.link) {
	            return res;
	        }

	        const { ref } = schema.$_terms.link[0];

	        if (ref.ancestor === 'root' || ref.ancestor > 0) {
	            res.$ref = `#/${ref.path.map((p) => `properties/${p}`).join('/')}`;
	            return res;
	        }

	        if (ref.path.length === 1) {
	            res.$ref = `#/$defs/${ref.path[0]}`;
	        }
	        else {
	            res.$ref = `#/${ref.path.slice(1).map((p) => `properties/${p}`).join('/')}`;
	        }

	        return res;
	    },

	    validate(value, { schema, state, prefs, error }) {

	        assert(schema.$_terms.link, 'Uninitialized link schema');

	        const limit = schema._flags.maxRecursion;
	        if (limit !== undefined &&
	            state.schemas.filter((entry) => entry.schema === schema).length > limit) {

	            return { value, errors: error('link.maxRecursion', { limit }) };
	        }

	        const linked = internals.generate(schema, value, state, prefs);
	        const ref = schema.$_terms.link[0].ref;

	        try {
	            return linked.$_validate(value, state.nest(linked, `link:${ref.display}:${linked.type}`), prefs);
	        }
	        catch (err) {
	            /* $lab:coverage:off$ */
	            if (!(err instanceof RangeError)) {
	                throw err;
	            }
	            /* $lab:coverage:on$ */

	            return { value, errors: error('link.depth') };
	        }
	    },

	    generate(schema, value, state, prefs) {

	        return internals.generate(schema, value, state, prefs);
	    },

	    rules: {

	        ref: {
	            method(ref) {

	                assert(!this.$_terms.link, 'Cannot reinitialize schema');

	                ref = Compile.ref(ref);

	                assert(ref.type === 'value' || ref.type === 'local', 'Invalid reference type:', ref.type);
	                assert(ref.type === 'local' || ref.ancestor === 'root' || ref.ancestor > 0, 'Link cannot reference itself');

	                const obj = this.clone();
	                obj.$_terms.link = [{ ref }];
	                return obj;
	            }
	        },

	        relative: {
	            method(enabled = true) {

	                return this.$_setFlag('relative', enabled);
	            }
	        },

	        maxRecursion: {
	            method(limit) {

	                assert(Number.isSafeInteger(limit) && limit >= 1, 'limit must be a positive integer');

	                return this.$_setFlag('maxRecursion', limit);
	            }
	        }
	    },

	    messages: {
	        'link.depth': '{{#label}} exceeds maximum recursion depth supported by the runtime',
	        'link.maxRecursion': '{{#label}} exceeds maximum recursion depth of {{#limit}}'
	    },

	    overrides: {

	        concat(source) {

	            assert(this.$_terms.link, 'Uninitialized link schema');
	            assert(Common.isSchema(source), 'Invalid schema object');
	            assert(source.type !== 'link', 'Cannot merge type link with another link');

	            const obj = this.clone();

	            if (!obj.$_terms.whens) {
	                obj.$_terms.whens = [];
	            }

	            obj.$_terms.whens.push({ concat: source });
	            return obj.$_mutateRebuild();
	        }
	    },

	    manifest: {

	        build(obj, desc) {

	            assert(desc.link, 'Invalid link description missing link');
	            return obj.ref(desc.link);
	        }
	    }
	});


	// Helpers

	internals.generate = function (schema, value, state, prefs) {

	    let linked = state.mainstay.links.get(schema);
	    if (linked) {
	        return linked._generate(value, state, prefs).schema;
	    }

	    const ref = schema.$_terms.link[0].ref;
	    const { perspective, path } = internals.perspective(ref, state);
	    internals.assert(perspective, 'which is outside of schema boundaries', ref, schema, state, prefs);

	    try {
	        linked = path.length ? perspective.$_reach(path) : perspective;
	    }
	    catch {
	        internals.assert(false, 'to non-existing schema', ref, schema, state, prefs);
	    }

	    internals.assert(linked.type !== 'link', 'which is another link', ref, schema, state, prefs);

	    if (!schema._flags.relative) {
	        state.mainstay.links.set(schema, linked);
	    }

	    return linked._generate(value, state, prefs).schema;
	};


	internals.perspective = function (ref, state) {

	    if (ref.type === 'local') {
	        for (const { schema, key } of state.schemas) {                              // From parent to root
	            const id = schema._flags.id || key;
	            if (id === ref.path[0]) {
	                return { perspective: schema, path: ref.path.slice(1) };
	            }

	            if (schema.$_terms.shared) {
	                for (const shared of schema.$_terms.shared) {
	                    if (shared._flags.id === ref.path[0]) {
	                        return { perspective: shared, path: ref.path.slice(1) };
	                    }
	                }
	            }
	        }

	        return { perspective: null, path: null };
	    }

	    if (ref.ancestor === 'root') {
	        return { perspective: state.schemas[state.schemas.length - 1].schema, path: ref.path };
	    }

	    return { perspective: state.schemas[ref.ancestor] && state.schemas[ref.ancestor].schema, path: ref.path };
	};


	internals.assert = function (condition, message, ref, schema, state, prefs) {

	    if (condition) {                // Manual check to avoid generating error message on success
	        return;
	    }

	    assert(false, `"${Errors.label(schema._flags, state, prefs)}" contains link reference "${ref.display}" ${message}`);
	};
	return link;
}

var number;
var hasRequiredNumber;

function requireNumber () {
	if (hasRequiredNumber) return number;
	hasRequiredNumber = 1;

	const { assert } = requireLib$4();

	const Any = requireAny();
	const Common = requireCommon();


	const internals = {
	    numberRx: /^\s*[+-]?(?:(?:\d+(?:\.\d*)?)|(?:\.\d+))(?:e([+-]?\d+))?\s*$/i,
	    precisionRx: /(?:\.(\d+))?(?:[eE]([+-]?\d+))?$/,
	    exponentialPartRegex: /[eE][+-]?\d+$/,
	    leadingSignAndZerosRegex: /^[+-]?(0*)?/,
	    dotRegex: /\./,
	    trailingZerosRegex: /0+$/,
	    decimalPlaces(value) {

	        const str = value.toString();
	        const dindex = str.indexOf('.');
	        const eindex = str.indexOf('e');
	        return (
	            (dindex < 0 ? 0 : (eindex < 0 ? str.length : eindex) - dindex - 1) +
	            (eindex < 0 ? 0 : Math.max(0, -parseInt(str.slice(eindex + 1))))
	        );
	    }
	};


	number = Any.extend({

	    type: 'number',

	    flags: {

	        unsafe: { default: false }
	    },

	    coerce: {
	        from: 'string',
	        method(value, { schema, error }) {

	            const matches = value.match(internals.numberRx);
	            if (!matches) {
	                return;
	            }

	            value = value.trim();
	            const result = { value: parseFloat(value) };

	            if (result.value === 0) {
	                result.value = 0;           // -0
	            }

	            if (!schema._flags.unsafe) {
	                if (value.match(/e/i)) {
	                    if (internals.extractSignificantDigits(value) !== internals.extractSignificantDigits(String(result.value))) {
	                        result.errors = error('number.unsafe');
	                        return result;
	                    }
	                }
	                else {
	                    const string = result.value.toString();
	                    if (string.match(/e/i)) {
	                        return result;
	                    }

	                    if (string !== internals.normalizeDecimal(value)) {
	                        result.errors = error('number.unsafe');
	                        return result;
	                    }
	                }
	            }

	            return result;
	        }
	    },

	    validate(value, { schema, error, prefs }) {

	        if (value === Infinity ||
	            value === -Infinity) {

	            return { value, errors: error('number.infinity') };
	        }

	        if (!Common.isNumber(value)) {
	            return { value, errors: error('number.base') };
	        }

	        const result = { value };

	        if (prefs.convert) {
	            const rule = schema.$_getRule('precision');
	            if (rule) {
	                const precision = Math.pow(10, rule.args.limit);                    // This is conceptually equivalent to using toFixed but it should be much faster
	                result.value = Math.round(result.value * precision) / precision;
	            }
	        }

	        if (result.value === 0) {
	            result.value = 0;           // -0
	        }

	        if (!schema._flags.unsafe &&
	            (value > Number.MAX_SAFE_INTEGER || value < Number.MIN_SAFE_INTEGER)) {

	            result.errors = error('number.unsafe');
	        }

	        return result;
	    },

	    rules: {

	        compare: {
	            method: false,
	            validate(value, helpers, { limit }, { name, operator, args }) {

	                if (Common.compare(value, limit, operator)) {
	                    return value;
	                }

	                return helpers.error('number.' + name, { limit: args.limit, value });
	            },
	            args: [
	                {
	                    name: 'limit',
	                    ref: true,
	                    assert: Common.isNumber,
	                    message: 'must be a number'
	                }
	            ]
	        },

	        greater: {
	            method(limit) {

	                return this.$_addRule({ name: 'greater', method: 'compare', args: { limit }, operator: '>' });
	            },
	            jsonSchema(rule, res) {

	                res.exclusiveMinimum = rule.args.limit;
	                return res;
	            }
	        },

	        integer: {
	            method() {

	                return this.$_addRule('integer');
	            },
	            validate(value, helpers) {

	                if (Math.trunc(value) - value === 0) {
	                    return value;
	                }

	                return helpers.error('number.integer');
	            },
	            jsonSchema(rule, res) {

	                res.type = 'integer';

	                return res;
	            }
	        },

	        less: {
	            method(limit) {

	                return this.$_addRule({ name: 'less', method: 'compare', args: { limit }, operator: '<' });
	            },
	            jsonSchema(rule, res) {

	                res.exclusiveMaximum = rule.args.limit;
	                return res;
	            }
	        },

	        max: {
	            method(limit) {

	                return this.$_addRule({ name: 'max', method: 'compare', args: { limit }, operator: '<=' });
	            },
	            jsonSchema(rule, res) {

	                res.maximum = rule.args.limit;
	                return res;
	            }
	        },

	        min: {
	            method(limit) {

	                return this.$_addRule({ name: 'min', method: 'compare', args: { limit }, operator: '>=' });
	            },
	            jsonSchema(rule, res) {

	                res.minimum = rule.args.limit;
	                return res;
	            }
	        },

	        multiple: {
	            method(base) {

	                const baseDecimalPlace = typeof base === 'number' ? internals.decimalPlaces(base) : null;
	                const pfactor = Math.pow(10, baseDecimalPlace);

	                return this.$_addRule({
	                    name: 'multiple',
	                    args: {
	                        base,
	                        baseDecimalPlace,
	                        pfactor
	                    }
	                });
	            },
	            validate(value, helpers, { base, baseDecimalPlace, pfactor }, options) {

	                const valueDecimalPlace = internals.decimalPlaces(value);

	                if (valueDecimalPlace > baseDecimalPlace) {
	                    // Value with higher precision than base can never be a multiple
	                    return helpers.error('number.multiple', { multiple: options.args.base, value });
	                }

	                return Math.round(pfactor * value) % Math.round(pfactor * base) === 0 ?
	                    value :
	                    helpers.error('number.multiple', { multiple: options.args.base, value });
	            },
	            jsonSchema(rule, res) {

	                res.multipleOf = rule.args.base;
	                return res;
	            },
	            args: [
	                {
	                    name: 'base',
	                    ref: true,
	                    assert: (value) => typeof value === 'number' && isFinite(value) && value > 0,
	                    message: 'must be a positive number'
	                },
	                'baseDecimalPlace',
	                'pfactor'
	            ],
	            multi: true
	        },

	        negative: {
	            method() {

	                return this.sign('negative');
	            }
	        },

	        port: {
	            method() {

	                return this.$_addRule('port');
	            },
	            validate(value, helpers) {

	                if (Number.isSafeInteger(value) &&
	                    value >= 0 &&
	                    value <= 65535) {

	                    return value;
	                }

	                return helpers.error('number.port');
	            },
	            jsonSchema(rule, res) {

	                res.type = 'integer';
	                res.minimum = 0;
	                res.maximum = 65535;
	                return res;
	            }
	        },

	        positive: {
	            method() {

	                return this.sign('positive');
	            }
	        },

	        precision: {
	            method(limit) {

	                assert(Number.isSafeInteger(limit), 'limit must be an integer');

	                return this.$_addRule({ name: 'precision', args: { limit } });
	            },
	            validate(value, helpers, { limit }) {

	                const places = value.toString().match(internals.precisionRx);
	                const decimals = Math.max((places[1] ? places[1].length : 0) - (places[2] ? parseInt(places[2], 10) : 0), 0);
	                if (decimals <= limit) {
	                    return value;
	                }

	                return helpers.error('number.precision', { limit, value });
	            },
	            convert: true
	        },

	        sign: {
	            method(sign) {

	                assert(['negative', 'positive'].includes(sign), 'Invalid sign', sign);

	                return this.$_addRule({ name: 'sign', args: { sign } });
	            },
	            validate(value, helpers, { sign }) {

	                if (sign === 'negative' && value < 0 ||
	                    sign === 'positive' && value > 0) {

	                    return value;
	                }

	                return helpers.error(`number.${sign}`);
	            },
	            jsonSchema(rule, res) {

	                if (rule.args.sign === 'positive') {
	                    res.exclusiveMinimum = 0;
	                }
	                else {
	                    res.exclusiveMaximum = 0;
	                }

	                return res;
	            }
	        },

	        unsafe: {
	            method(enabled = true) {

	                assert(typeof enabled === 'boolean', 'enabled must be a boolean');

	                return this.$_setFlag('unsafe', enabled);
	            }
	        }
	    },

	    cast: {
	        string: {
	            from: (value) => typeof value === 'number',
	            to(value, helpers) {

	                return value.toString();
	            }
	        }
	    },

	    messages: {
	        'number.base': '{{#label}} must be a number',
	        'number.greater': '{{#label}} must be greater than {{#limit}}',
	        'number.infinity': '{{#label}} cannot be infinity',
	        'number.integer': '{{#label}} must be an integer',
	        'number.less': '{{#label}} must be less than {{#limit}}',
	        'number.max': '{{#label}} must be less than or equal to {{#limit}}',
	        'number.min': '{{#label}} must be greater than or equal to {{#limit}}',
	        'number.multiple': '{{#label}} must be a multiple of {{#multiple}}',
	        'number.negative': '{{#label}} must be a negative number',
	        'number.port': '{{#label}} must be a valid port',
	        'number.positive': '{{#label}} must be a positive number',
	        'number.precision': '{{#label}} must have no more than {{#limit}} decimal places',
	        'number.unsafe': '{{#label}} must be a safe number'
	    }
	});


	// Helpers

	internals.extractSignificantDigits = function (value) {

	    return value
	        .replace(internals.exponentialPartRegex, '')
	        .replace(internals.dotRegex, '')
	        .replace(internals.trailingZerosRegex, '')
	        .replace(internals.leadingSignAndZerosRegex, '');
	};


	internals.normalizeDecimal = function (str) {

	    str = str
	        // Remove leading plus signs
	        .replace(/^\+/, '')
	        // Remove trailing zeros if there is a decimal point and unecessary decimal points
	        .replace(/\.0*$/, '')
	        // Add a integer 0 if the numbers starts with a decimal point
	        .replace(/^(-?)\.([^\.]*)$/, '$10.$2')
	        // Remove leading zeros
	        .replace(/^(-?)0+([0-9])/, '$1$2');

	    if (str.includes('.') &&
	        str.endsWith('0')) {

	        str = str.replace(/0+$/, '');
	    }

	    if (str === '-0') {
	        return '0';
	    }

	    return str;
	};
	return number;
}

var object;
var hasRequiredObject;

function requireObject () {
	if (hasRequiredObject) return object;
	hasRequiredObject = 1;

	const Keys = requireKeys();


	object = Keys.extend({

	    type: 'object',

	    cast: {
	        map: {
	            from: (value) => value && typeof value === 'object',
	            to(value, helpers) {

	                return new Map(Object.entries(value));
	            }
	        }
	    }
	});
	return object;
}

const errorCodes = {
    EMPTY_STRING: 'Address must be a non-empty string',
    FORBIDDEN_UNICODE: 'Address contains forbidden Unicode characters',
    MULTIPLE_AT_CHAR: 'Address cannot contain more than one @ character',
    MISSING_AT_CHAR: 'Address must contain one @ character',
    EMPTY_LOCAL: 'Address local part cannot be empty',
    ADDRESS_TOO_LONG: 'Address too long',
    LOCAL_TOO_LONG: 'Address local part too long',
    EMPTY_LOCAL_SEGMENT: 'Address local part contains empty dot-separated segment',
    INVALID_LOCAL_CHARS: 'Address local part contains invalid character',
    DOMAIN_NON_EMPTY_STRING: 'Domain must be a non-empty string',
    DOMAIN_TOO_LONG: 'Domain too long',
    DOMAIN_INVALID_UNICODE_CHARS: 'Domain contains forbidden Unicode characters',
    DOMAIN_INVALID_CHARS: 'Domain contains invalid character',
    DOMAIN_INVALID_TLDS_CHARS: 'Domain contains invalid tld character',
    DOMAIN_SEGMENTS_COUNT: 'Domain lacks the minimum required number of segments',
    DOMAIN_SEGMENTS_COUNT_MAX: 'Domain contains too many segments',
    DOMAIN_FORBIDDEN_TLDS: 'Domain uses forbidden TLD',
    DOMAIN_EMPTY_SEGMENT: 'Domain contains empty dot-separated segment',
    DOMAIN_LONG_SEGMENT: 'Domain contains dot-separated segment that is too long'
};
function errorCode(code) {
    return { code, error: errorCodes[code] };
}

const MIN_DOMAIN_SEGMENTS = 2;
const NON_ASCII_RX$1 = /[^\x00-\x7f]/;
const DOMAIN_CONTROL_RX = /[\x00-\x20@\:\/\\#!\$&\'\(\)\*\+,;=\?]/; // Control + space + separators
const TLD_SEGMENT_RX = /^[a-zA-Z](?:[a-zA-Z0-9\-]*[a-zA-Z0-9])?$/;
const DOMAIN_SEGMENT_RX = /^[a-zA-Z0-9](?:[a-zA-Z0-9\-]*[a-zA-Z0-9])?$/;
const DOMAIN_UNDERSCORE_SEGMENT_RX = /^[a-zA-Z0-9_](?:[a-zA-Z0-9\-]*[a-zA-Z0-9])?$/;
const URL_IMPL = Url.URL || URL; // $lab:coverage:ignore$
function isTldsAllow(tlds) {
    return !!tlds.allow;
}
/**
 * Analyzes a string to verify it is a valid domain name.
 *
 * @param domain - the domain name to validate.
 * @param options - optional settings.
 *
 * @return - undefined when valid, otherwise an object with single error key with a string message value.
 */
function analyzeDomain(domain, options = {}) {
    if (!domain) {
        // Catch null / undefined
        return errorCode('DOMAIN_NON_EMPTY_STRING');
    }
    if (typeof domain !== 'string') {
        throw new Error('Invalid input: domain must be a string');
    }
    if (domain.length > 256) {
        return errorCode('DOMAIN_TOO_LONG');
    }
    const ascii = !NON_ASCII_RX$1.test(domain);
    if (!ascii) {
        if (options.allowUnicode === false) {
            // Defaults to true
            return errorCode('DOMAIN_INVALID_UNICODE_CHARS');
        }
        domain = domain.normalize('NFC');
    }
    if (DOMAIN_CONTROL_RX.test(domain)) {
        return errorCode('DOMAIN_INVALID_CHARS');
    }
    domain = punycode(domain);
    // https://tools.ietf.org/html/rfc1035 section 2.3.1
    if (options.allowFullyQualified && domain[domain.length - 1] === '.') {
        domain = domain.slice(0, -1);
    }
    const minDomainSegments = options.minDomainSegments || MIN_DOMAIN_SEGMENTS;
    const segments = domain.split('.');
    if (segments.length < minDomainSegments) {
        return errorCode('DOMAIN_SEGMENTS_COUNT');
    }
    if (options.maxDomainSegments) {
        if (segments.length > options.maxDomainSegments) {
            return errorCode('DOMAIN_SEGMENTS_COUNT_MAX');
        }
    }
    const tlds = options.tlds;
    if (tlds) {
        const tld = segments[segments.length - 1].toLowerCase();
        if (isTldsAllow(tlds)) {
            if (!tlds.allow.has(tld)) {
                return errorCode('DOMAIN_FORBIDDEN_TLDS');
            }
        }
        else if (tlds.deny.has(tld)) {
            return errorCode('DOMAIN_FORBIDDEN_TLDS');
        }
    }
    for (let i = 0; i < segments.length; ++i) {
        const segment = segments[i];
        if (!segment.length) {
            return errorCode('DOMAIN_EMPTY_SEGMENT');
        }
        if (segment.length > 63) {
            return errorCode('DOMAIN_LONG_SEGMENT');
        }
        if (i < segments.length - 1) {
            if (options.allowUnderscore) {
                if (!DOMAIN_UNDERSCORE_SEGMENT_RX.test(segment)) {
                    return errorCode('DOMAIN_INVALID_CHARS');
                }
            }
            else {
                if (!DOMAIN_SEGMENT_RX.test(segment)) {
                    return errorCode('DOMAIN_INVALID_CHARS');
                }
            }
        }
        else {
            if (!TLD_SEGMENT_RX.test(segment)) {
                return errorCode('DOMAIN_INVALID_TLDS_CHARS');
            }
        }
    }
    return null;
}
/**
 * Analyzes a string to verify it is a valid domain name.
 *
 * @param domain - the domain name to validate.
 * @param options - optional settings.
 *
 * @return - true when valid, otherwise false.
 */
function isDomainValid(domain, options) {
    return !analyzeDomain(domain, options);
}
function punycode(domain) {
    if (domain.includes('%')) {
        domain = domain.replace(/%/g, '%25');
    }
    try {
        return new URL_IMPL(`http://${domain}`).host;
    }
    catch (err) {
        return domain;
    }
}
function validateDomainOptions(options) {
    if (!options) {
        return;
    }
    if (typeof options.tlds !== 'object') {
        throw new Error('Invalid options: tlds must be a boolean or an object');
    }
    if (isTldsAllow(options.tlds)) {
        if (options.tlds.allow instanceof Set === false) {
            throw new Error('Invalid options: tlds.allow must be a Set object or true');
        }
        if (options.tlds.deny) {
            throw new Error('Invalid options: cannot specify both tlds.allow and tlds.deny lists');
        }
    }
    else {
        if (options.tlds.deny instanceof Set === false) {
            throw new Error('Invalid options: tlds.deny must be a Set object');
        }
    }
}

const NON_ASCII_RX = /[^\x00-\x7f]/;
const ENCODER_IMPL = new (Util.TextEncoder || TextEncoder)(); // $lab:coverage:ignore$
/**
 * Analyzes a string to verify it is a valid email address.
 *
 * @param email - the email address to validate.
 * @param options - optional settings.
 *
 * @return - undefined when valid, otherwise an object with single error key with a string message value.
 */
function analyzeEmail(email, options) {
    return validateEmail(email, options);
}
/**
 * Analyzes a string to verify it is a valid email address.
 *
 * @param email - the email address to validate.
 * @param options - optional settings.
 *
 * @return - true when valid, otherwise false.
 */
function isEmailValid(email, options) {
    return !validateEmail(email, options);
}
function validateEmail(email, options = {}) {
    if (typeof email !== 'string') {
        throw new Error('Invalid input: email must be a string');
    }
    if (!email) {
        return errorCode('EMPTY_STRING');
    }
    // Unicode
    const ascii = !NON_ASCII_RX.test(email);
    if (!ascii) {
        if (options.allowUnicode === false) {
            // Defaults to true
            return errorCode('FORBIDDEN_UNICODE');
        }
        email = email.normalize('NFC');
    }
    // Basic structure
    const parts = email.split('@');
    if (parts.length !== 2) {
        return parts.length > 2 ? errorCode('MULTIPLE_AT_CHAR') : errorCode('MISSING_AT_CHAR');
    }
    const [local, domain] = parts;
    if (!local) {
        return errorCode('EMPTY_LOCAL');
    }
    if (!options.ignoreLength) {
        if (email.length > 254) {
            // http://tools.ietf.org/html/rfc5321#section-4.5.3.1.3
            return errorCode('ADDRESS_TOO_LONG');
        }
        if (ENCODER_IMPL.encode(local).length > 64) {
            // http://tools.ietf.org/html/rfc5321#section-4.5.3.1.1
            return errorCode('LOCAL_TOO_LONG');
        }
    }
    // Validate parts
    return validateLocal(local, ascii) || analyzeDomain(domain, options);
}
function validateLocal(local, ascii) {
    const segments = local.split('.');
    for (const segment of segments) {
        if (!segment.length) {
            return errorCode('EMPTY_LOCAL_SEGMENT');
        }
        if (ascii) {
            if (!ATEXT_RX.test(segment)) {
                return errorCode('INVALID_LOCAL_CHARS');
            }
            continue;
        }
        for (const char of segment) {
            if (ATEXT_RX.test(char)) {
                continue;
            }
            const binary = toBinary(char);
            if (!ATOM_RX.test(binary)) {
                return errorCode('INVALID_LOCAL_CHARS');
            }
        }
    }
    return null;
}
function toBinary(char) {
    return Array.from(ENCODER_IMPL.encode(char), (v) => String.fromCharCode(v)).join('');
}
/*
    From RFC 5321:

        Mailbox         =   Local-part "@" ( Domain / address-literal )

        Local-part      =   Dot-string / Quoted-string
        Dot-string      =   Atom *("."  Atom)
        Atom            =   1*atext
        atext           =   ALPHA / DIGIT / "!" / "#" / "$" / "%" / "&" / "'" / "*" / "+" / "-" / "/" / "=" / "?" / "^" / "_" / "`" / "{" / "|" / "}" / "~"

        Domain          =   sub-domain *("." sub-domain)
        sub-domain      =   Let-dig [Ldh-str]
        Let-dig         =   ALPHA / DIGIT
        Ldh-str         =   *( ALPHA / DIGIT / "-" ) Let-dig

        ALPHA           =   %x41-5A / %x61-7A        ; a-z, A-Z
        DIGIT           =   %x30-39                  ; 0-9

    From RFC 6531:

        sub-domain      =/  U-label
        atext           =/  UTF8-non-ascii

        UTF8-non-ascii  =   UTF8-2 / UTF8-3 / UTF8-4

        UTF8-2          =   %xC2-DF UTF8-tail
        UTF8-3          =   %xE0 %xA0-BF UTF8-tail /
                            %xE1-EC 2( UTF8-tail ) /
                            %xED %x80-9F UTF8-tail /
                            %xEE-EF 2( UTF8-tail )
        UTF8-4          =   %xF0 %x90-BF 2( UTF8-tail ) /
                            %xF1-F3 3( UTF8-tail ) /
                            %xF4 %x80-8F 2( UTF8-tail )

        UTF8-tail       =   %x80-BF

    Note: The following are not supported:

        RFC 5321: address-literal, Quoted-string
        RFC 5322: obs-*, CFWS
*/
const ATEXT_RX = /^[\w!#\$%&'\*\+\-/=\?\^`\{\|\}~]+$/; // _ included in \w
const ATOM_RX = new RegExp([
    //  %xC2-DF UTF8-tail
    '(?:[\\xc2-\\xdf][\\x80-\\xbf])',
    //  %xE0 %xA0-BF UTF8-tail              %xE1-EC 2( UTF8-tail )            %xED %x80-9F UTF8-tail              %xEE-EF 2( UTF8-tail )
    '(?:\\xe0[\\xa0-\\xbf][\\x80-\\xbf])|(?:[\\xe1-\\xec][\\x80-\\xbf]{2})|(?:\\xed[\\x80-\\x9f][\\x80-\\xbf])|(?:[\\xee-\\xef][\\x80-\\xbf]{2})',
    //  %xF0 %x90-BF 2( UTF8-tail )            %xF1-F3 3( UTF8-tail )            %xF4 %x80-8F 2( UTF8-tail )
    '(?:\\xf0[\\x90-\\xbf][\\x80-\\xbf]{2})|(?:[\\xf1-\\xf3][\\x80-\\xbf]{3})|(?:\\xf4[\\x80-\\x8f][\\x80-\\xbf]{2})'
].join('|'));

requireApplyToDefaults();

var assertExports = requireAssert();
const assert = /*@__PURE__*/getDefaultExportFromCjs(assertExports);

requireBench();

requireBlock();

requireClone();

requireContain();

requireDeepEqual();

requireAssertError();

requireEscapeHeaderAttribute();

requireEscapeHtml();

requireEscapeJson();

var escapeRegexExports = requireEscapeRegex();
const escapeRegex = /*@__PURE__*/getDefaultExportFromCjs(escapeRegexExports);

requireFlatten();

requireIgnore();

requireIntersect();

requireIsPromise();

requireMerge();

requireOnce();

requireReach();

requireReachTemplate();

requireStringify();

requireWait();

function generate() {
    const rfc3986 = {};
    const hexDigit = '\\dA-Fa-f'; // HEXDIG = DIGIT / "A" / "B" / "C" / "D" / "E" / "F"
    const hexDigitOnly = '[' + hexDigit + ']';
    const unreserved = '\\w-\\.~'; // unreserved = ALPHA / DIGIT / "-" / "." / "_" / "~"
    const subDelims = "!\\$&'\\(\\)\\*\\+,;="; // sub-delims = "!" / "$" / "&" / "'" / "(" / ")" / "*" / "+" / "," / ";" / "="
    const pctEncoded = '%' + hexDigit; // pct-encoded = "%" HEXDIG HEXDIG
    const pchar = unreserved + pctEncoded + subDelims + ':@'; // pchar = unreserved / pct-encoded / sub-delims / ":" / "@"
    const pcharOnly = '[' + pchar + ']';
    const decOctect = '(?:0{0,2}\\d|0?[1-9]\\d|1\\d\\d|2[0-4]\\d|25[0-5])'; // dec-octet = DIGIT / %x31-39 DIGIT / "1" 2DIGIT / "2" %x30-34 DIGIT / "25" %x30-35  ; 0-9 / 10-99 / 100-199 / 200-249 / 250-255
    rfc3986.ipv4address = '(?:' + decOctect + '\\.){3}' + decOctect; // IPv4address = dec-octet "." dec-octet "." dec-octet "." dec-octet
    /*
        h16 = 1*4HEXDIG ; 16 bits of address represented in hexadecimal
        ls32 = ( h16 ":" h16 ) / IPv4address ; least-significant 32 bits of address
        IPv6address =                            6( h16 ":" ) ls32
                    /                       "::" 5( h16 ":" ) ls32
                    / [               h16 ] "::" 4( h16 ":" ) ls32
                    / [ *1( h16 ":" ) h16 ] "::" 3( h16 ":" ) ls32
                    / [ *2( h16 ":" ) h16 ] "::" 2( h16 ":" ) ls32
                    / [ *3( h16 ":" ) h16 ] "::"    h16 ":"   ls32
                    / [ *4( h16 ":" ) h16 ] "::"              ls32
                    / [ *5( h16 ":" ) h16 ] "::"              h16
                    / [ *6( h16 ":" ) h16 ] "::"
    */
    const h16 = hexDigitOnly + '{1,4}';
    const ls32 = '(?:' + h16 + ':' + h16 + '|' + rfc3986.ipv4address + ')';
    const IPv6SixHex = '(?:' + h16 + ':){6}' + ls32;
    const IPv6FiveHex = '::(?:' + h16 + ':){5}' + ls32;
    const IPv6FourHex = '(?:' + h16 + ')?::(?:' + h16 + ':){4}' + ls32;
    const IPv6ThreeHex = '(?:(?:' + h16 + ':){0,1}' + h16 + ')?::(?:' + h16 + ':){3}' + ls32;
    const IPv6TwoHex = '(?:(?:' + h16 + ':){0,2}' + h16 + ')?::(?:' + h16 + ':){2}' + ls32;
    const IPv6OneHex = '(?:(?:' + h16 + ':){0,3}' + h16 + ')?::' + h16 + ':' + ls32;
    const IPv6NoneHex = '(?:(?:' + h16 + ':){0,4}' + h16 + ')?::' + ls32;
    const IPv6NoneHex2 = '(?:(?:' + h16 + ':){0,5}' + h16 + ')?::' + h16;
    const IPv6NoneHex3 = '(?:(?:' + h16 + ':){0,6}' + h16 + ')?::';
    rfc3986.ipv4Cidr = '(?:\\d|[1-2]\\d|3[0-2])'; // IPv4 cidr = DIGIT / %x31-32 DIGIT / "3" %x30-32  ; 0-9 / 10-29 / 30-32
    rfc3986.ipv6Cidr = '(?:0{0,2}\\d|0?[1-9]\\d|1[01]\\d|12[0-8])'; // IPv6 cidr = DIGIT / %x31-39 DIGIT / "1" %x0-1 DIGIT / "12" %x0-8;   0-9 / 10-99 / 100-119 / 120-128
    rfc3986.ipv6address =
        '(?:' +
            IPv6SixHex +
            '|' +
            IPv6FiveHex +
            '|' +
            IPv6FourHex +
            '|' +
            IPv6ThreeHex +
            '|' +
            IPv6TwoHex +
            '|' +
            IPv6OneHex +
            '|' +
            IPv6NoneHex +
            '|' +
            IPv6NoneHex2 +
            '|' +
            IPv6NoneHex3 +
            ')';
    rfc3986.ipvFuture = 'v' + hexDigitOnly + '+\\.[' + unreserved + subDelims + ':]+'; // IPvFuture = "v" 1*HEXDIG "." 1*( unreserved / sub-delims / ":" )
    rfc3986.scheme = '[a-zA-Z][a-zA-Z\\d+-\\.]*'; // scheme = ALPHA *( ALPHA / DIGIT / "+" / "-" / "." )
    rfc3986.schemeRegex = new RegExp(rfc3986.scheme);
    const userinfo = '[' + unreserved + pctEncoded + subDelims + ':]*'; // userinfo = *( unreserved / pct-encoded / sub-delims / ":" )
    const IPLiteral = '\\[(?:' + rfc3986.ipv6address + '|' + rfc3986.ipvFuture + ')\\]'; // IP-literal = "[" ( IPv6address / IPvFuture  ) "]"
    const regName = '[' + unreserved + pctEncoded + subDelims + ']{1,255}'; // reg-name = *( unreserved / pct-encoded / sub-delims )
    const host = '(?:' + IPLiteral + '|' + rfc3986.ipv4address + '|' + regName + ')'; // host = IP-literal / IPv4address / reg-name
    const port = '\\d*'; // port = *DIGIT
    const authority = '(?:' + userinfo + '@)?' + host + '(?::' + port + ')?'; // authority   = [ userinfo "@" ] host [ ":" port ]
    const authorityCapture = '(?:' + userinfo + '@)?(' + host + ')(?::' + port + ')?';
    /*
        segment       = *pchar
        segment-nz    = 1*pchar
        path          = path-abempty    ; begins with "/" '|' is empty
                    / path-absolute   ; begins with "/" but not "//"
                    / path-noscheme   ; begins with a non-colon segment
                    / path-rootless   ; begins with a segment
                    / path-empty      ; zero characters
        path-abempty  = *( "/" segment )
        path-absolute = "/" [ segment-nz *( "/" segment ) ]
        path-rootless = segment-nz *( "/" segment )
    */
    const segment = pcharOnly + '*';
    const segmentNz = pcharOnly + '+';
    const segmentNzNc = '[' + unreserved + pctEncoded + subDelims + '@' + ']+';
    const pathEmpty = '';
    const pathAbEmpty = '(?:\\/' + segment + ')*';
    const pathAbsolute = '\\/(?:' + segmentNz + pathAbEmpty + ')?';
    const pathRootless = segmentNz + pathAbEmpty;
    const pathNoScheme = segmentNzNc + pathAbEmpty;
    const pathAbNoAuthority = '(?:\\/\\/\\/' + segment + pathAbEmpty + ')'; // Used by file:///
    // hier-part = "//" authority path
    rfc3986.hierPart =
        '(?:' +
            '(?:\\/\\/' +
            authority +
            pathAbEmpty +
            ')' +
            '|' +
            pathAbsolute +
            '|' +
            pathRootless +
            '|' +
            pathAbNoAuthority +
            ')';
    rfc3986.hierPartCapture =
        '(?:' + '(?:\\/\\/' + authorityCapture + pathAbEmpty + ')' + '|' + pathAbsolute + '|' + pathRootless + ')';
    // relative-part = "//" authority path-abempty / path-absolute / path-noscheme / path-empty
    rfc3986.relativeRef =
        '(?:' +
            '(?:\\/\\/' +
            authority +
            pathAbEmpty +
            ')' +
            '|' +
            pathAbsolute +
            '|' +
            pathNoScheme +
            '|' +
            pathEmpty +
            ')';
    rfc3986.relativeRefCapture =
        '(?:' +
            '(?:\\/\\/' +
            authorityCapture +
            pathAbEmpty +
            ')' +
            '|' +
            pathAbsolute +
            '|' +
            pathNoScheme +
            '|' +
            pathEmpty +
            ')';
    // query = *( pchar / "/" / "?" )
    // query = *( pchar / "[" / "]" / "/" / "?" )
    rfc3986.query = '[' + pchar + '\\/\\?]*(?=#|$)'; //Finish matching either at the fragment part '|' end of the line.
    rfc3986.queryWithSquareBrackets = '[' + pchar + '\\[\\]\\/\\?]*(?=#|$)';
    // fragment = *( pchar / "/" / "?" )
    rfc3986.fragment = '[' + pchar + '\\/\\?]*';
    return rfc3986;
}
const rfc3986 = generate();
const ipVersions = {
    v4Cidr: rfc3986.ipv4Cidr,
    v6Cidr: rfc3986.ipv6Cidr,
    ipv4: rfc3986.ipv4address,
    ipv6: rfc3986.ipv6address,
    ipvfuture: rfc3986.ipvFuture
};
function createRegex(options) {
    const rfc = rfc3986;
    // Construct expression
    const query = options.allowQuerySquareBrackets ? rfc.queryWithSquareBrackets : rfc.query;
    const suffix = '(?:\\?' + query + ')?' + '(?:#' + rfc.fragment + ')?';
    // relative-ref = relative-part [ "?" query ] [ "#" fragment ]
    const relative = options.domain ? rfc.relativeRefCapture : rfc.relativeRef;
    if (options.relativeOnly) {
        return wrap(relative + suffix);
    }
    // Custom schemes
    let customScheme = '';
    if (options.scheme) {
        assert(options.scheme instanceof RegExp || typeof options.scheme === 'string' || Array.isArray(options.scheme), 'scheme must be a RegExp, String, or Array');
        const schemes = [].concat(options.scheme);
        assert(schemes.length >= 1, 'scheme must have at least 1 scheme specified');
        // Flatten the array into a string to be used to match the schemes
        const selections = [];
        for (let i = 0; i < schemes.length; ++i) {
            const scheme = schemes[i];
            assert(scheme instanceof RegExp || typeof scheme === 'string', 'scheme at position ' + i + ' must be a RegExp or String');
            if (scheme instanceof RegExp) {
                selections.push(scheme.source.toString());
            }
            else {
                assert(rfc.schemeRegex.test(scheme), 'scheme at position ' + i + ' must be a valid scheme');
                selections.push(escapeRegex(scheme));
            }
        }
        customScheme = selections.join('|');
    }
    // URI = scheme ":" hier-part [ "?" query ] [ "#" fragment ]
    const scheme = customScheme ? '(?:' + customScheme + ')' : rfc.scheme;
    const absolute = '(?:' + scheme + ':' + (options.domain ? rfc.hierPartCapture : rfc.hierPart) + ')';
    const prefix = options.allowRelative ? '(?:' + absolute + '|' + relative + ')' : absolute;
    return wrap(prefix + suffix, customScheme);
}
function wrap(raw, scheme = null) {
    raw = `(?=.)(?!https?\:/(?:$|[^/]))(?!https?\:///)(?!https?\:[^/])${raw}`; // Require at least one character and explicitly forbid 'http:/' or HTTP with empty domain
    return {
        raw,
        regex: new RegExp(`^${raw}$`),
        scheme
    };
}
const genericUriRegex = createRegex({});
/**
 * Generates a regular expression used to validate URI addresses.
 *
 * @param options - optional settings.
 *
 * @returns an object with the regular expression and meta data.
 */
function uriRegex(options = {}) {
    if (options.scheme ||
        options.allowRelative ||
        options.relativeOnly ||
        options.allowQuerySquareBrackets ||
        options.domain) {
        return createRegex(options);
    }
    return genericUriRegex;
}

/**
 * Generates a regular expression used to validate IP addresses.
 *
 * @param options - optional settings.
 *
 * @returns an object with the regular expression and meta data.
 */
function ipRegex(options = {}) {
    // CIDR
    const cidr = options.cidr || 'optional';
    assert(['required', 'optional', 'forbidden'].includes(cidr), 'options.cidr must be one of required, optional, forbidden');
    // Versions
    assert(options.version === undefined || typeof options.version === 'string' || Array.isArray(options.version), 'options.version must be a string or an array of string');
    let versions = options.version || ['ipv4', 'ipv6', 'ipvfuture'];
    if (!Array.isArray(versions)) {
        versions = [versions];
    }
    assert(versions.length >= 1, 'options.version must have at least 1 version specified');
    for (const version of versions) {
        assert(typeof version === 'string' && version === version.toLowerCase(), 'Invalid options.version value');
        assert(['ipv4', 'ipv6', 'ipvfuture'].includes(version), 'options.version contains unknown version ' + version + ' - must be one of ipv4, ipv6, ipvfuture');
    }
    versions = Array.from(new Set(versions));
    // Regex
    const parts = versions.map((version) => {
        // Forbidden
        if (cidr === 'forbidden') {
            return ipVersions[version];
        }
        // Required
        const cidrpart = `\\/${version === 'ipv4' ? ipVersions.v4Cidr : ipVersions.v6Cidr}`;
        if (cidr === 'required') {
            return `${ipVersions[version]}${cidrpart}`;
        }
        // Optional
        return `${ipVersions[version]}(?:${cidrpart})?`;
    });
    const raw = `(?:${parts.join('|')})`;
    const regex = new RegExp(`^${raw}$`);
    return { cidr, versions, regex, raw };
}

const HEX = {
    '0': 0,
    '1': 1,
    '2': 2,
    '3': 3,
    '4': 4,
    '5': 5,
    '6': 6,
    '7': 7,
    '8': 8,
    '9': 9,
    a: 10,
    A: 10,
    b: 11,
    B: 11,
    c: 12,
    C: 12,
    d: 13,
    D: 13,
    e: 14,
    E: 14,
    f: 15,
    F: 15
};
const UTF8 = {
    accept: 12,
    reject: 0,
    data: [
        // Maps bytes to character to a transition
        0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0,
        0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0,
        0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0,
        0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 2, 2, 2, 2,
        2, 2, 2, 2, 2, 2, 2, 2, 2, 2, 2, 2, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3,
        3, 3, 3, 3, 3, 3, 3, 4, 4, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5,
        5, 5, 6, 7, 7, 7, 7, 7, 7, 7, 7, 7, 7, 7, 7, 8, 7, 7, 10, 9, 9, 9, 11, 4, 4, 4, 4, 4, 4, 4, 4, 4, 4, 4,
        // Maps a state to a new state when adding a transition
        0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 12, 0, 0, 0, 0, 24, 36, 48, 60, 72, 84, 96, 0, 12, 12, 12, 0, 0, 0, 0, 0, 0,
        0, 0, 0, 0, 0, 24, 0, 0, 0, 0, 0, 0, 0, 0, 0, 24, 24, 24, 0, 0, 0, 0, 0, 0, 0, 0, 0, 24, 24, 0, 0, 0, 0, 0, 0,
        0, 0, 0, 0, 48, 48, 48, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 48, 48, 0, 0, 0, 0, 0, 0, 0, 0, 0, 48, 0, 0, 0, 0, 0, 0,
        0, 0, 0, 0,
        // Maps the current transition to a mask that needs to apply to the byte
        0x7f, 0x3f, 0x3f, 0x3f, 0x00, 0x1f, 0x0f, 0x0f, 0x0f, 0x07, 0x07, 0x07
    ]
};
/**
 * Faster version of decodeURIComponent() that does not throw.
 *
 * @param string - the URL string to decode.
 *
 * @returns the decoded string or null if invalid.
 */
function uriDecode(string) {
    let percentPos = string.indexOf('%');
    if (percentPos === -1) {
        return string;
    }
    let decoded = '';
    let last = 0;
    let codepoint = 0;
    let startOfOctets = percentPos;
    let state = UTF8.accept;
    while (percentPos > -1 && percentPos < string.length) {
        const high = resolveHex(string[percentPos + 1], 4);
        const low = resolveHex(string[percentPos + 2], 0);
        const byte = high | low;
        const type = UTF8.data[byte];
        state = UTF8.data[256 + state + type];
        codepoint = (codepoint << 6) | (byte & UTF8.data[364 + type]);
        if (state === UTF8.accept) {
            decoded += string.slice(last, startOfOctets);
            decoded +=
                codepoint <= 0xffff
                    ? String.fromCharCode(codepoint)
                    : String.fromCharCode(0xd7c0 + (codepoint >> 10), 0xdc00 + (codepoint & 0x3ff));
            codepoint = 0;
            last = percentPos + 3;
            percentPos = string.indexOf('%', last);
            startOfOctets = percentPos;
            continue;
        }
        if (state === UTF8.reject) {
            return null;
        }
        percentPos += 3;
        if (percentPos >= string.length || string[percentPos] !== '%') {
            return null;
        }
    }
    return decoded + string.slice(last);
}
function resolveHex(char, shift) {
    const i = HEX[char];
    return i === undefined ? 255 : i << shift;
}
// Adapted from:
// Copyright (c) 2017-2019 Justin Ridgewell, MIT Licensed, https://github.com/jridgewell/safe-decode-string-component
// Copyright (c) 2008-2009 Bjoern Hoehrmann <bjoern@hoehrmann.de>, MIT Licensed, http://bjoern.hoehrmann.de/utf-8/decoder/dfa/

const esm = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
	__proto__: null,
	analyzeDomain,
	analyzeEmail,
	errorCodes,
	ipRegex,
	isDomainValid,
	isEmailValid,
	uriDecode,
	uriRegex,
	validateDomainOptions
}, Symbol.toStringTag, { value: 'Module' }));

const require$$1 = /*@__PURE__*/getAugmentedNamespace(esm);

var commonjs = {};

var tlds = {};

var hasRequiredTlds;

function requireTlds () {
	if (hasRequiredTlds) return tlds;
	hasRequiredTlds = 1;
	// https://data.iana.org/TLD/tlds-alpha-by-domain.txt
	// # Version 2026061000, Last Updated Wed Jun 10 07:07:01 2026 UTC
	Object.defineProperty(tlds, "__esModule", { value: true });
	tlds.TLDS = void 0;
	tlds.TLDS = [
	    'AAA',
	    'AARP',
	    'ABB',
	    'ABBOTT',
	    'ABBVIE',
	    'ABC',
	    'ABLE',
	    'ABOGADO',
	    'ABUDHABI',
	    'AC',
	    'ACADEMY',
	    'ACCENTURE',
	    'ACCOUNTANT',
	    'ACCOUNTANTS',
	    'ACO',
	    'ACTOR',
	    'AD',
	    'ADS',
	    'ADULT',
	    'AE',
	    'AEG',
	    'AERO',
	    'AETNA',
	    'AF',
	    'AFL',
	    'AFRICA',
	    'AG',
	    'AGAKHAN',
	    'AGENCY',
	    'AI',
	    'AIG',
	    'AIRBUS',
	    'AIRFORCE',
	    'AIRTEL',
	    'AKDN',
	    'AL',
	    'ALIBABA',
	    'ALIPAY',
	    'ALLFINANZ',
	    'ALLSTATE',
	    'ALLY',
	    'ALSACE',
	    'ALSTOM',
	    'AM',
	    'AMAZON',
	    'AMERICANEXPRESS',
	    'AMERICANFAMILY',
	    'AMEX',
	    'AMFAM',
	    'AMICA',
	    'AMSTERDAM',
	    'ANALYTICS',
	    'ANDROID',
	    'ANQUAN',
	    'ANZ',
	    'AO',
	    'AOL',
	    'APARTMENTS',
	    'APP',
	    'APPLE',
	    'AQ',
	    'AQUARELLE',
	    'AR',
	    'ARAB',
	    'ARAMCO',
	    'ARCHI',
	    'ARMY',
	    'ARPA',
	    'ART',
	    'ARTE',
	    'AS',
	    'ASDA',
	    'ASIA',
	    'ASSOCIATES',
	    'AT',
	    'ATHLETA',
	    'ATTORNEY',
	    'AU',
	    'AUCTION',
	    'AUDI',
	    'AUDIBLE',
	    'AUDIO',
	    'AUSPOST',
	    'AUTHOR',
	    'AUTO',
	    'AUTOS',
	    'AW',
	    'AWS',
	    'AX',
	    'AXA',
	    'AZ',
	    'AZURE',
	    'BA',
	    'BABY',
	    'BAIDU',
	    'BANAMEX',
	    'BAND',
	    'BANK',
	    'BAR',
	    'BARCELONA',
	    'BARCLAYCARD',
	    'BARCLAYS',
	    'BAREFOOT',
	    'BARGAINS',
	    'BASEBALL',
	    'BASKETBALL',
	    'BAUHAUS',
	    'BAYERN',
	    'BB',
	    'BBC',
	    'BBT',
	    'BBVA',
	    'BCG',
	    'BCN',
	    'BD',
	    'BE',
	    'BEATS',
	    'BEAUTY',
	    'BEER',
	    'BERLIN',
	    'BEST',
	    'BESTBUY',
	    'BET',
	    'BF',
	    'BG',
	    'BH',
	    'BHARTI',
	    'BI',
	    'BIBLE',
	    'BID',
	    'BIKE',
	    'BING',
	    'BINGO',
	    'BIO',
	    'BIZ',
	    'BJ',
	    'BLACK',
	    'BLACKFRIDAY',
	    'BLOCKBUSTER',
	    'BLOG',
	    'BLOOMBERG',
	    'BLUE',
	    'BM',
	    'BMS',
	    'BMW',
	    'BN',
	    'BNPPARIBAS',
	    'BO',
	    'BOATS',
	    'BOEHRINGER',
	    'BOFA',
	    'BOM',
	    'BOND',
	    'BOO',
	    'BOOK',
	    'BOOKING',
	    'BOSCH',
	    'BOSTIK',
	    'BOSTON',
	    'BOT',
	    'BOUTIQUE',
	    'BOX',
	    'BR',
	    'BRADESCO',
	    'BRIDGESTONE',
	    'BROADWAY',
	    'BROKER',
	    'BROTHER',
	    'BRUSSELS',
	    'BS',
	    'BT',
	    'BUILD',
	    'BUILDERS',
	    'BUSINESS',
	    'BUY',
	    'BUZZ',
	    'BV',
	    'BW',
	    'BY',
	    'BZ',
	    'BZH',
	    'CA',
	    'CAB',
	    'CAFE',
	    'CAL',
	    'CALL',
	    'CALVINKLEIN',
	    'CAM',
	    'CAMERA',
	    'CAMP',
	    'CANON',
	    'CAPETOWN',
	    'CAPITAL',
	    'CAPITALONE',
	    'CAR',
	    'CARAVAN',
	    'CARDS',
	    'CARE',
	    'CAREER',
	    'CAREERS',
	    'CARS',
	    'CASA',
	    'CASE',
	    'CASH',
	    'CASINO',
	    'CAT',
	    'CATERING',
	    'CATHOLIC',
	    'CBA',
	    'CBN',
	    'CBRE',
	    'CC',
	    'CD',
	    'CENTER',
	    'CEO',
	    'CERN',
	    'CF',
	    'CFA',
	    'CFD',
	    'CG',
	    'CH',
	    'CHANEL',
	    'CHANNEL',
	    'CHARITY',
	    'CHASE',
	    'CHAT',
	    'CHEAP',
	    'CHINTAI',
	    'CHRISTMAS',
	    'CHROME',
	    'CHURCH',
	    'CI',
	    'CIPRIANI',
	    'CIRCLE',
	    'CISCO',
	    'CITADEL',
	    'CITI',
	    'CITIC',
	    'CITY',
	    'CK',
	    'CL',
	    'CLAIMS',
	    'CLEANING',
	    'CLICK',
	    'CLINIC',
	    'CLINIQUE',
	    'CLOTHING',
	    'CLOUD',
	    'CLUB',
	    'CLUBMED',
	    'CM',
	    'CN',
	    'CO',
	    'COACH',
	    'CODES',
	    'COFFEE',
	    'COLLEGE',
	    'COLOGNE',
	    'COM',
	    'COMMBANK',
	    'COMMUNITY',
	    'COMPANY',
	    'COMPARE',
	    'COMPUTER',
	    'COMSEC',
	    'CONDOS',
	    'CONSTRUCTION',
	    'CONSULTING',
	    'CONTACT',
	    'CONTRACTORS',
	    'COOKING',
	    'COOL',
	    'COOP',
	    'CORSICA',
	    'COUNTRY',
	    'COUPON',
	    'COUPONS',
	    'COURSES',
	    'CPA',
	    'CR',
	    'CREDIT',
	    'CREDITCARD',
	    'CREDITUNION',
	    'CRICKET',
	    'CROWN',
	    'CRS',
	    'CRUISE',
	    'CRUISES',
	    'CU',
	    'CUISINELLA',
	    'CV',
	    'CW',
	    'CX',
	    'CY',
	    'CYMRU',
	    'CYOU',
	    'CZ',
	    'DAD',
	    'DANCE',
	    'DATA',
	    'DATE',
	    'DATING',
	    'DATSUN',
	    'DAY',
	    'DCLK',
	    'DDS',
	    'DE',
	    'DEAL',
	    'DEALER',
	    'DEALS',
	    'DEGREE',
	    'DELIVERY',
	    'DELL',
	    'DELOITTE',
	    'DELTA',
	    'DEMOCRAT',
	    'DENTAL',
	    'DENTIST',
	    'DESI',
	    'DESIGN',
	    'DEV',
	    'DHL',
	    'DIAMONDS',
	    'DIET',
	    'DIGITAL',
	    'DIRECT',
	    'DIRECTORY',
	    'DISCOUNT',
	    'DISCOVER',
	    'DISH',
	    'DIY',
	    'DJ',
	    'DK',
	    'DM',
	    'DNP',
	    'DO',
	    'DOCS',
	    'DOCTOR',
	    'DOG',
	    'DOMAINS',
	    'DOT',
	    'DOWNLOAD',
	    'DRIVE',
	    'DTV',
	    'DUBAI',
	    'DUPONT',
	    'DURBAN',
	    'DVAG',
	    'DVR',
	    'DZ',
	    'EARTH',
	    'EAT',
	    'EC',
	    'ECO',
	    'EDEKA',
	    'EDU',
	    'EDUCATION',
	    'EE',
	    'EG',
	    'EMAIL',
	    'EMERCK',
	    'ENERGY',
	    'ENGINEER',
	    'ENGINEERING',
	    'ENTERPRISES',
	    'EPSON',
	    'EQUIPMENT',
	    'ER',
	    'ERICSSON',
	    'ERNI',
	    'ES',
	    'ESQ',
	    'ESTATE',
	    'ET',
	    'EU',
	    'EUROVISION',
	    'EUS',
	    'EVENTS',
	    'EXCHANGE',
	    'EXPERT',
	    'EXPOSED',
	    'EXPRESS',
	    'EXTRASPACE',
	    'FAGE',
	    'FAIL',
	    'FAIRWINDS',
	    'FAITH',
	    'FAMILY',
	    'FAN',
	    'FANS',
	    'FARM',
	    'FARMERS',
	    'FASHION',
	    'FAST',
	    'FEDEX',
	    'FEEDBACK',
	    'FERRARI',
	    'FERRERO',
	    'FI',
	    'FIDELITY',
	    'FIDO',
	    'FILM',
	    'FINAL',
	    'FINANCE',
	    'FINANCIAL',
	    'FIRE',
	    'FIRESTONE',
	    'FIRMDALE',
	    'FISH',
	    'FISHING',
	    'FIT',
	    'FITNESS',
	    'FJ',
	    'FK',
	    'FLICKR',
	    'FLIGHTS',
	    'FLIR',
	    'FLORIST',
	    'FLOWERS',
	    'FLY',
	    'FM',
	    'FO',
	    'FOO',
	    'FOOD',
	    'FOOTBALL',
	    'FORD',
	    'FOREX',
	    'FORSALE',
	    'FORUM',
	    'FOUNDATION',
	    'FOX',
	    'FR',
	    'FREE',
	    'FRESENIUS',
	    'FRL',
	    'FROGANS',
	    'FRONTIER',
	    'FTR',
	    'FUJITSU',
	    'FUN',
	    'FUND',
	    'FURNITURE',
	    'FUTBOL',
	    'FYI',
	    'GA',
	    'GAL',
	    'GALLERY',
	    'GALLO',
	    'GALLUP',
	    'GAME',
	    'GAMES',
	    'GAP',
	    'GARDEN',
	    'GAY',
	    'GB',
	    'GBIZ',
	    'GD',
	    'GDN',
	    'GE',
	    'GEA',
	    'GENT',
	    'GENTING',
	    'GEORGE',
	    'GF',
	    'GG',
	    'GGEE',
	    'GH',
	    'GI',
	    'GIFT',
	    'GIFTS',
	    'GIVES',
	    'GIVING',
	    'GL',
	    'GLASS',
	    'GLE',
	    'GLOBAL',
	    'GLOBO',
	    'GM',
	    'GMAIL',
	    'GMBH',
	    'GMO',
	    'GMX',
	    'GN',
	    'GODADDY',
	    'GOLD',
	    'GOLDPOINT',
	    'GOLF',
	    'GOODYEAR',
	    'GOOG',
	    'GOOGLE',
	    'GOP',
	    'GOT',
	    'GOV',
	    'GP',
	    'GQ',
	    'GR',
	    'GRAINGER',
	    'GRAPHICS',
	    'GRATIS',
	    'GREEN',
	    'GRIPE',
	    'GROCERY',
	    'GROUP',
	    'GS',
	    'GT',
	    'GU',
	    'GUCCI',
	    'GUGE',
	    'GUIDE',
	    'GUITARS',
	    'GURU',
	    'GW',
	    'GY',
	    'HAIR',
	    'HAMBURG',
	    'HANGOUT',
	    'HAUS',
	    'HBO',
	    'HDFC',
	    'HDFCBANK',
	    'HEALTH',
	    'HEALTHCARE',
	    'HELP',
	    'HELSINKI',
	    'HERE',
	    'HERMES',
	    'HIPHOP',
	    'HISAMITSU',
	    'HITACHI',
	    'HIV',
	    'HK',
	    'HKT',
	    'HM',
	    'HN',
	    'HOCKEY',
	    'HOLDINGS',
	    'HOLIDAY',
	    'HOMEDEPOT',
	    'HOMEGOODS',
	    'HOMES',
	    'HOMESENSE',
	    'HONDA',
	    'HORSE',
	    'HOSPITAL',
	    'HOST',
	    'HOSTING',
	    'HOT',
	    'HOTELS',
	    'HOTMAIL',
	    'HOUSE',
	    'HOW',
	    'HR',
	    'HSBC',
	    'HT',
	    'HU',
	    'HUGHES',
	    'HYATT',
	    'HYUNDAI',
	    'IBM',
	    'ICBC',
	    'ICE',
	    'ICU',
	    'ID',
	    'IE',
	    'IEEE',
	    'IFM',
	    'IKANO',
	    'IL',
	    'IM',
	    'IMAMAT',
	    'IMDB',
	    'IMMO',
	    'IMMOBILIEN',
	    'IN',
	    'INC',
	    'INDUSTRIES',
	    'INFINITI',
	    'INFO',
	    'ING',
	    'INK',
	    'INSTITUTE',
	    'INSURANCE',
	    'INSURE',
	    'INT',
	    'INTERNATIONAL',
	    'INTUIT',
	    'INVESTMENTS',
	    'IO',
	    'IPIRANGA',
	    'IQ',
	    'IR',
	    'IRISH',
	    'IS',
	    'ISMAILI',
	    'IST',
	    'ISTANBUL',
	    'IT',
	    'ITAU',
	    'ITV',
	    'JAGUAR',
	    'JAVA',
	    'JCB',
	    'JE',
	    'JEEP',
	    'JETZT',
	    'JEWELRY',
	    'JIO',
	    'JLL',
	    'JM',
	    'JMP',
	    'JNJ',
	    'JO',
	    'JOBS',
	    'JOBURG',
	    'JOT',
	    'JOY',
	    'JP',
	    'JPMORGAN',
	    'JPRS',
	    'JUEGOS',
	    'JUNIPER',
	    'KAUFEN',
	    'KDDI',
	    'KE',
	    'KERRYHOTELS',
	    'KERRYPROPERTIES',
	    'KFH',
	    'KG',
	    'KH',
	    'KI',
	    'KIA',
	    'KIDS',
	    'KIM',
	    'KINDLE',
	    'KITCHEN',
	    'KIWI',
	    'KM',
	    'KN',
	    'KOELN',
	    'KOMATSU',
	    'KOSHER',
	    'KP',
	    'KPMG',
	    'KPN',
	    'KR',
	    'KRD',
	    'KRED',
	    'KUOKGROUP',
	    'KW',
	    'KY',
	    'KYOTO',
	    'KZ',
	    'LA',
	    'LACAIXA',
	    'LAMBORGHINI',
	    'LAMER',
	    'LAND',
	    'LANDROVER',
	    'LANXESS',
	    'LASALLE',
	    'LAT',
	    'LATINO',
	    'LATROBE',
	    'LAW',
	    'LAWYER',
	    'LB',
	    'LC',
	    'LDS',
	    'LEASE',
	    'LECLERC',
	    'LEFRAK',
	    'LEGAL',
	    'LEGO',
	    'LEXUS',
	    'LGBT',
	    'LI',
	    'LIDL',
	    'LIFE',
	    'LIFEINSURANCE',
	    'LIFESTYLE',
	    'LIGHTING',
	    'LIKE',
	    'LILLY',
	    'LIMITED',
	    'LIMO',
	    'LINCOLN',
	    'LINK',
	    'LIVE',
	    'LIVING',
	    'LK',
	    'LLC',
	    'LLP',
	    'LOAN',
	    'LOANS',
	    'LOCKER',
	    'LOCUS',
	    'LOL',
	    'LONDON',
	    'LOTTE',
	    'LOTTO',
	    'LOVE',
	    'LPL',
	    'LPLFINANCIAL',
	    'LR',
	    'LS',
	    'LT',
	    'LTD',
	    'LTDA',
	    'LU',
	    'LUNDBECK',
	    'LUXE',
	    'LUXURY',
	    'LV',
	    'LY',
	    'MA',
	    'MADRID',
	    'MAIF',
	    'MAISON',
	    'MAKEUP',
	    'MAN',
	    'MANAGEMENT',
	    'MANGO',
	    'MAP',
	    'MARKET',
	    'MARKETING',
	    'MARKETS',
	    'MARRIOTT',
	    'MARSHALLS',
	    'MATTEL',
	    'MBA',
	    'MC',
	    'MCKINSEY',
	    'MD',
	    'ME',
	    'MED',
	    'MEDIA',
	    'MEET',
	    'MELBOURNE',
	    'MEME',
	    'MEMORIAL',
	    'MEN',
	    'MENU',
	    'MERCK',
	    'MERCKMSD',
	    'MG',
	    'MH',
	    'MIAMI',
	    'MICROSOFT',
	    'MIL',
	    'MINI',
	    'MINT',
	    'MIT',
	    'MITSUBISHI',
	    'MK',
	    'ML',
	    'MLB',
	    'MLS',
	    'MM',
	    'MMA',
	    'MN',
	    'MO',
	    'MOBI',
	    'MOBILE',
	    'MODA',
	    'MOE',
	    'MOI',
	    'MOM',
	    'MONASH',
	    'MONEY',
	    'MONSTER',
	    'MORMON',
	    'MORTGAGE',
	    'MOSCOW',
	    'MOTO',
	    'MOTORCYCLES',
	    'MOV',
	    'MOVIE',
	    'MP',
	    'MQ',
	    'MR',
	    'MS',
	    'MSD',
	    'MT',
	    'MTN',
	    'MTR',
	    'MU',
	    'MUSEUM',
	    'MUSIC',
	    'MV',
	    'MW',
	    'MX',
	    'MY',
	    'MZ',
	    'NA',
	    'NAB',
	    'NAGOYA',
	    'NAME',
	    'NAVY',
	    'NBA',
	    'NC',
	    'NE',
	    'NEC',
	    'NET',
	    'NETBANK',
	    'NETFLIX',
	    'NETWORK',
	    'NEUSTAR',
	    'NEW',
	    'NEWS',
	    'NEXT',
	    'NEXTDIRECT',
	    'NEXUS',
	    'NF',
	    'NFL',
	    'NG',
	    'NGO',
	    'NHK',
	    'NI',
	    'NICO',
	    'NIKE',
	    'NIKON',
	    'NINJA',
	    'NISSAN',
	    'NISSAY',
	    'NL',
	    'NO',
	    'NOKIA',
	    'NORTON',
	    'NOW',
	    'NOWRUZ',
	    'NOWTV',
	    'NP',
	    'NR',
	    'NRA',
	    'NRW',
	    'NTT',
	    'NU',
	    'NYC',
	    'NZ',
	    'OBI',
	    'OBSERVER',
	    'OFFICE',
	    'OKINAWA',
	    'OLAYAN',
	    'OLAYANGROUP',
	    'OLLO',
	    'OM',
	    'OMEGA',
	    'ONE',
	    'ONG',
	    'ONL',
	    'ONLINE',
	    'OOO',
	    'OPEN',
	    'ORACLE',
	    'ORANGE',
	    'ORG',
	    'ORGANIC',
	    'ORIGINS',
	    'OSAKA',
	    'OTSUKA',
	    'OTT',
	    'OVH',
	    'PA',
	    'PAGE',
	    'PANASONIC',
	    'PARIS',
	    'PARS',
	    'PARTNERS',
	    'PARTS',
	    'PARTY',
	    'PAY',
	    'PCCW',
	    'PE',
	    'PET',
	    'PF',
	    'PFIZER',
	    'PG',
	    'PH',
	    'PHARMACY',
	    'PHD',
	    'PHILIPS',
	    'PHONE',
	    'PHOTO',
	    'PHOTOGRAPHY',
	    'PHOTOS',
	    'PHYSIO',
	    'PICS',
	    'PICTET',
	    'PICTURES',
	    'PID',
	    'PIN',
	    'PING',
	    'PINK',
	    'PIONEER',
	    'PIZZA',
	    'PK',
	    'PL',
	    'PLACE',
	    'PLAY',
	    'PLAYSTATION',
	    'PLUMBING',
	    'PLUS',
	    'PM',
	    'PN',
	    'PNC',
	    'POHL',
	    'POKER',
	    'POLITIE',
	    'PORN',
	    'POST',
	    'PR',
	    'PRAXI',
	    'PRESS',
	    'PRIME',
	    'PRO',
	    'PROD',
	    'PRODUCTIONS',
	    'PROF',
	    'PROGRESSIVE',
	    'PROMO',
	    'PROPERTIES',
	    'PROPERTY',
	    'PROTECTION',
	    'PRU',
	    'PRUDENTIAL',
	    'PS',
	    'PT',
	    'PUB',
	    'PW',
	    'PWC',
	    'PY',
	    'QA',
	    'QPON',
	    'QUEBEC',
	    'QUEST',
	    'RACING',
	    'RADIO',
	    'RE',
	    'READ',
	    'REALESTATE',
	    'REALTOR',
	    'REALTY',
	    'RECIPES',
	    'RED',
	    'REDUMBRELLA',
	    'REHAB',
	    'REISE',
	    'REISEN',
	    'REIT',
	    'RELIANCE',
	    'REN',
	    'RENT',
	    'RENTALS',
	    'REPAIR',
	    'REPORT',
	    'REPUBLICAN',
	    'REST',
	    'RESTAURANT',
	    'REVIEW',
	    'REVIEWS',
	    'REXROTH',
	    'RICH',
	    'RICHARDLI',
	    'RICOH',
	    'RIL',
	    'RIO',
	    'RIP',
	    'RO',
	    'ROCKS',
	    'RODEO',
	    'ROGERS',
	    'ROOM',
	    'RS',
	    'RSVP',
	    'RU',
	    'RUGBY',
	    'RUHR',
	    'RUN',
	    'RW',
	    'RWE',
	    'RYUKYU',
	    'SA',
	    'SAARLAND',
	    'SAFE',
	    'SAFETY',
	    'SAKURA',
	    'SALE',
	    'SALON',
	    'SAMSCLUB',
	    'SAMSUNG',
	    'SANDVIK',
	    'SANDVIKCOROMANT',
	    'SANOFI',
	    'SAP',
	    'SARL',
	    'SAS',
	    'SAVE',
	    'SAXO',
	    'SB',
	    'SBI',
	    'SBS',
	    'SC',
	    'SCB',
	    'SCHAEFFLER',
	    'SCHMIDT',
	    'SCHOLARSHIPS',
	    'SCHOOL',
	    'SCHULE',
	    'SCHWARZ',
	    'SCIENCE',
	    'SCOT',
	    'SD',
	    'SE',
	    'SEARCH',
	    'SEAT',
	    'SECURE',
	    'SECURITY',
	    'SEEK',
	    'SELECT',
	    'SENER',
	    'SERVICES',
	    'SEVEN',
	    'SEW',
	    'SEX',
	    'SEXY',
	    'SFR',
	    'SG',
	    'SH',
	    'SHANGRILA',
	    'SHARP',
	    'SHELL',
	    'SHIA',
	    'SHIKSHA',
	    'SHOES',
	    'SHOP',
	    'SHOPPING',
	    'SHOUJI',
	    'SHOW',
	    'SI',
	    'SILK',
	    'SINA',
	    'SINGLES',
	    'SITE',
	    'SJ',
	    'SK',
	    'SKI',
	    'SKIN',
	    'SKY',
	    'SKYPE',
	    'SL',
	    'SLING',
	    'SM',
	    'SMART',
	    'SMILE',
	    'SN',
	    'SNCF',
	    'SO',
	    'SOCCER',
	    'SOCIAL',
	    'SOFTBANK',
	    'SOFTWARE',
	    'SOHU',
	    'SOLAR',
	    'SOLUTIONS',
	    'SONG',
	    'SONY',
	    'SOY',
	    'SPA',
	    'SPACE',
	    'SPORT',
	    'SPOT',
	    'SR',
	    'SRL',
	    'SS',
	    'ST',
	    'STADA',
	    'STAPLES',
	    'STAR',
	    'STATEBANK',
	    'STATEFARM',
	    'STC',
	    'STCGROUP',
	    'STOCKHOLM',
	    'STORAGE',
	    'STORE',
	    'STREAM',
	    'STUDIO',
	    'STUDY',
	    'STYLE',
	    'SU',
	    'SUCKS',
	    'SUPPLIES',
	    'SUPPLY',
	    'SUPPORT',
	    'SURF',
	    'SURGERY',
	    'SUZUKI',
	    'SV',
	    'SWATCH',
	    'SWISS',
	    'SX',
	    'SY',
	    'SYDNEY',
	    'SYSTEMS',
	    'SZ',
	    'TAB',
	    'TAIPEI',
	    'TALK',
	    'TAOBAO',
	    'TARGET',
	    'TATAMOTORS',
	    'TATAR',
	    'TATTOO',
	    'TAX',
	    'TAXI',
	    'TC',
	    'TCI',
	    'TD',
	    'TDK',
	    'TEAM',
	    'TECH',
	    'TECHNOLOGY',
	    'TEL',
	    'TEMASEK',
	    'TENNIS',
	    'TEVA',
	    'TF',
	    'TG',
	    'TH',
	    'THD',
	    'THEATER',
	    'THEATRE',
	    'TIAA',
	    'TICKETS',
	    'TIENDA',
	    'TIPS',
	    'TIRES',
	    'TIROL',
	    'TJ',
	    'TJMAXX',
	    'TJX',
	    'TK',
	    'TKMAXX',
	    'TL',
	    'TM',
	    'TMALL',
	    'TN',
	    'TO',
	    'TODAY',
	    'TOKYO',
	    'TOOLS',
	    'TOP',
	    'TORAY',
	    'TOSHIBA',
	    'TOTAL',
	    'TOURS',
	    'TOWN',
	    'TOYOTA',
	    'TOYS',
	    'TR',
	    'TRADE',
	    'TRADING',
	    'TRAINING',
	    'TRAVEL',
	    'TRAVELERS',
	    'TRAVELERSINSURANCE',
	    'TRUST',
	    'TRV',
	    'TT',
	    'TUBE',
	    'TUI',
	    'TUNES',
	    'TUSHU',
	    'TV',
	    'TVS',
	    'TW',
	    'TZ',
	    'UA',
	    'UBANK',
	    'UBS',
	    'UG',
	    'UK',
	    'UNICOM',
	    'UNIVERSITY',
	    'UNO',
	    'UOL',
	    'UPS',
	    'US',
	    'UY',
	    'UZ',
	    'VA',
	    'VACATIONS',
	    'VANA',
	    'VANGUARD',
	    'VC',
	    'VE',
	    'VEGAS',
	    'VENTURES',
	    'VERISIGN',
	    'VERSICHERUNG',
	    'VET',
	    'VG',
	    'VI',
	    'VIAJES',
	    'VIDEO',
	    'VIG',
	    'VIKING',
	    'VILLAS',
	    'VIN',
	    'VIP',
	    'VIRGIN',
	    'VISA',
	    'VISION',
	    'VIVA',
	    'VIVO',
	    'VLAANDEREN',
	    'VN',
	    'VODKA',
	    'VOLVO',
	    'VOTE',
	    'VOTING',
	    'VOTO',
	    'VOYAGE',
	    'VU',
	    'WALES',
	    'WALMART',
	    'WALTER',
	    'WANG',
	    'WANGGOU',
	    'WATCH',
	    'WATCHES',
	    'WEATHER',
	    'WEATHERCHANNEL',
	    'WEBCAM',
	    'WEBER',
	    'WEBSITE',
	    'WED',
	    'WEDDING',
	    'WEIBO',
	    'WEIR',
	    'WF',
	    'WHOSWHO',
	    'WIEN',
	    'WIKI',
	    'WILLIAMHILL',
	    'WIN',
	    'WINDOWS',
	    'WINE',
	    'WINNERS',
	    'WME',
	    'WOODSIDE',
	    'WORK',
	    'WORKS',
	    'WORLD',
	    'WOW',
	    'WS',
	    'WTC',
	    'WTF',
	    'XBOX',
	    'XEROX',
	    'XIHUAN',
	    'XIN',
	    'XN--11B4C3D',
	    'XN--1CK2E1B',
	    'XN--1QQW23A',
	    'XN--2SCRJ9C',
	    'XN--30RR7Y',
	    'XN--3BST00M',
	    'XN--3DS443G',
	    'XN--3E0B707E',
	    'XN--3HCRJ9C',
	    'XN--3PXU8K',
	    'XN--42C2D9A',
	    'XN--45BR5CYL',
	    'XN--45BRJ9C',
	    'XN--45Q11C',
	    'XN--4DBRK0CE',
	    'XN--4GBRIM',
	    'XN--54B7FTA0CC',
	    'XN--55QW42G',
	    'XN--55QX5D',
	    'XN--5SU34J936BGSG',
	    'XN--5TZM5G',
	    'XN--6FRZ82G',
	    'XN--6QQ986B3XL',
	    'XN--80ADXHKS',
	    'XN--80AO21A',
	    'XN--80AQECDR1A',
	    'XN--80ASEHDB',
	    'XN--80ASWG',
	    'XN--8Y0A063A',
	    'XN--90A3AC',
	    'XN--90AE',
	    'XN--90AIS',
	    'XN--9DBQ2A',
	    'XN--9ET52U',
	    'XN--9KRT00A',
	    'XN--B4W605FERD',
	    'XN--BCK1B9A5DRE4C',
	    'XN--C1AVG',
	    'XN--C2BR7G',
	    'XN--CCK2B3B',
	    'XN--CCKWCXETD',
	    'XN--CG4BKI',
	    'XN--CLCHC0EA0B2G2A9GCD',
	    'XN--CZR694B',
	    'XN--CZRS0T',
	    'XN--CZRU2D',
	    'XN--D1ACJ3B',
	    'XN--D1ALF',
	    'XN--E1A4C',
	    'XN--ECKVDTC9D',
	    'XN--EFVY88H',
	    'XN--FCT429K',
	    'XN--FHBEI',
	    'XN--FIQ228C5HS',
	    'XN--FIQ64B',
	    'XN--FIQS8S',
	    'XN--FIQZ9S',
	    'XN--FJQ720A',
	    'XN--FLW351E',
	    'XN--FPCRJ9C3D',
	    'XN--FZC2C9E2C',
	    'XN--FZYS8D69UVGM',
	    'XN--G2XX48C',
	    'XN--GCKR3F0F',
	    'XN--GECRJ9C',
	    'XN--GK3AT1E',
	    'XN--H2BREG3EVE',
	    'XN--H2BRJ9C',
	    'XN--H2BRJ9C8C',
	    'XN--HXT814E',
	    'XN--I1B6B1A6A2E',
	    'XN--IMR513N',
	    'XN--IO0A7I',
	    'XN--J1AEF',
	    'XN--J1AMH',
	    'XN--J6W193G',
	    'XN--JLQ480N2RG',
	    'XN--JVR189M',
	    'XN--KCRX77D1X4A',
	    'XN--KPRW13D',
	    'XN--KPRY57D',
	    'XN--KPUT3I',
	    'XN--L1ACC',
	    'XN--LGBBAT1AD8J',
	    'XN--MGB9AWBF',
	    'XN--MGBA3A3EJT',
	    'XN--MGBA3A4F16A',
	    'XN--MGBA7C0BBN0A',
	    'XN--MGBAAM7A8H',
	    'XN--MGBAB2BD',
	    'XN--MGBAH1A3HJKRD',
	    'XN--MGBAI9AZGQP6J',
	    'XN--MGBAYH7GPA',
	    'XN--MGBBH1A',
	    'XN--MGBBH1A71E',
	    'XN--MGBC0A9AZCG',
	    'XN--MGBCA7DZDO',
	    'XN--MGBCPQ6GPA1A',
	    'XN--MGBERP4A5D4AR',
	    'XN--MGBGU82A',
	    'XN--MGBI4ECEXP',
	    'XN--MGBPL2FH',
	    'XN--MGBT3DHD',
	    'XN--MGBTX2B',
	    'XN--MGBX4CD0AB',
	    'XN--MIX891F',
	    'XN--MK1BU44C',
	    'XN--MXTQ1M',
	    'XN--NGBC5AZD',
	    'XN--NGBE9E0A',
	    'XN--NGBRX',
	    'XN--NODE',
	    'XN--NQV7F',
	    'XN--NQV7FS00EMA',
	    'XN--NYQY26A',
	    'XN--O3CW4H',
	    'XN--OGBPF8FL',
	    'XN--OTU796D',
	    'XN--P1ACF',
	    'XN--P1AI',
	    'XN--PGBS0DH',
	    'XN--PSSY2U',
	    'XN--Q7CE6A',
	    'XN--Q9JYB4C',
	    'XN--QCKA1PMC',
	    'XN--QXA6A',
	    'XN--QXAM',
	    'XN--RHQV96G',
	    'XN--ROVU88B',
	    'XN--RVC1E0AM3E',
	    'XN--S9BRJ9C',
	    'XN--SES554G',
	    'XN--T60B56A',
	    'XN--TCKWE',
	    'XN--TIQ49XQYJ',
	    'XN--UNUP4Y',
	    'XN--VERMGENSBERATER-CTB',
	    'XN--VERMGENSBERATUNG-PWB',
	    'XN--VHQUV',
	    'XN--VUQ861B',
	    'XN--W4R85EL8FHU5DNRA',
	    'XN--W4RS40L',
	    'XN--WGBH1C',
	    'XN--WGBL6A',
	    'XN--XHQ521B',
	    'XN--XKC2AL3HYE2A',
	    'XN--XKC2DL3A5EE0H',
	    'XN--Y9A3AQ',
	    'XN--YFRO4I67O',
	    'XN--YGBI2AMMX',
	    'XN--ZFR164B',
	    'XXX',
	    'XYZ',
	    'YACHTS',
	    'YAHOO',
	    'YAMAXUN',
	    'YANDEX',
	    'YE',
	    'YODOBASHI',
	    'YOGA',
	    'YOKOHAMA',
	    'YOU',
	    'YOUTUBE',
	    'YT',
	    'YUN',
	    'ZA',
	    'ZAPPOS',
	    'ZARA',
	    'ZERO',
	    'ZIP',
	    'ZM',
	    'ZONE',
	    'ZUERICH',
	    'ZW',
	];
	
	return tlds;
}

var hasRequiredCommonjs;

function requireCommonjs () {
	if (hasRequiredCommonjs) return commonjs;
	hasRequiredCommonjs = 1;
	Object.defineProperty(commonjs, "__esModule", { value: true });
	commonjs.tlds = void 0;
	const tlds_js_1 = requireTlds();
	commonjs.tlds = new Set(tlds_js_1.TLDS.map((tld) => tld.toLowerCase()));
	
	return commonjs;
}

var string;
var hasRequiredString;

function requireString () {
	if (hasRequiredString) return string;
	hasRequiredString = 1;

	const { assert, escapeRegex } = requireLib$4();
	const { isDomainValid, isEmailValid, ipRegex, uriRegex } = require$$1;
	const Tlds = requireCommonjs();

	const Any = requireAny();
	const Common = requireCommon();


	const internals = {
	    tlds: Tlds.tlds instanceof Set ? { tlds: { allow: Tlds.tlds, deny: null } } : false,              // $lab:coverage:ignore$
	    base64Regex: {
	        // paddingRequired
	        true: {
	            // urlSafe
	            true: /^(?:[\w\-]{2}[\w\-]{2})*(?:[\w\-]{2}==|[\w\-]{3}=)?$/,
	            false: /^(?:[A-Za-z0-9+\/]{2}[A-Za-z0-9+\/]{2})*(?:[A-Za-z0-9+\/]{2}==|[A-Za-z0-9+\/]{3}=)?$/
	        },
	        false: {
	            true: /^(?:[\w\-]{2}[\w\-]{2})*(?:[\w\-]{2}(==)?|[\w\-]{3}=?)?$/,
	            false: /^(?:[A-Za-z0-9+\/]{2}[A-Za-z0-9+\/]{2})*(?:[A-Za-z0-9+\/]{2}(==)?|[A-Za-z0-9+\/]{3}=?)?$/
	        }
	    },
	    dataUriRegex: /^data:[\w+.-]+\/[\w+.-]+;((charset=[\w-]+|base64),)?(.*)$/,
	    hexRegex: {
	        withPrefix: /^0x[0-9a-f]+$/i,
	        withOptionalPrefix: /^(?:0x)?[0-9a-f]+$/i,
	        withoutPrefix: /^[0-9a-f]+$/i
	    },
	    ipRegex: ipRegex({ cidr: 'forbidden' }).regex,
	    isoDurationRegex: /^P(?!$)(\d+Y)?(\d+M)?(\d+W)?(\d+D)?(T(?=\d)(\d+H)?(\d+M)?(\d+S)?)?$/,

	    guidBrackets: {
	        '{': '}', '[': ']', '(': ')', '': ''
	    },
	    guidVersions: {
	        uuidv1: '1',
	        uuidv2: '2',
	        uuidv3: '3',
	        uuidv4: '4',
	        uuidv5: '5',
	        uuidv6: '6',
	        uuidv7: '7',
	        uuidv8: '8'
	    },
	    guidSeparators: new Set([undefined, true, false, '-', ':']),

	    normalizationForms: ['NFC', 'NFD', 'NFKC', 'NFKD']
	};


	string = Any.extend({

	    type: 'string',

	    flags: {

	        insensitive: { default: false },
	        truncate: { default: false }
	    },

	    terms: {

	        replacements: { init: null }
	    },

	    coerce: {
	        from: 'string',
	        method(value, { schema, state, prefs }) {

	            const normalize = schema.$_getRule('normalize');
	            if (normalize) {
	                value = value.normalize(normalize.args.form);
	            }

	            const casing = schema.$_getRule('case');
	            if (casing) {
	                value = casing.args.direction === 'upper' ? value.toLocaleUpperCase() : value.toLocaleLowerCase();
	            }

	            const trim = schema.$_getRule('trim');
	            if (trim &&
	                trim.args.enabled) {

	                value = value.trim();
	            }

	            if (schema.$_terms.replacements) {
	                for (const replacement of schema.$_terms.replacements) {
	                    value = value.replace(replacement.pattern, replacement.replacement);
	                }
	            }

	            const hex = schema.$_getRule('hex');
	            if (hex &&
	                hex.args.options.byteAligned &&
	                value.length % 2 !== 0) {

	                value = `0${value}`;
	            }

	            if (schema.$_getRule('isoDate')) {
	                const iso = internals.isoDate(value);
	                if (iso) {
	                    value = iso;
	                }
	            }

	            if (schema._flags.truncate) {
	                const rule = schema.$_getRule('max');
	                if (rule) {
	                    let limit = rule.args.limit;
	                    if (Common.isResolvable(limit)) {
	                        limit = limit.resolve(value, state, prefs);
	                        if (!Common.limit(limit)) {
	                            return { value, errors: schema.$_createError('any.ref', limit, { ref: rule.args.limit, arg: 'limit', reason: 'must be a positive integer' }, state, prefs) };
	                        }
	                    }

	                    value = value.slice(0, limit);
	                }
	            }

	            return { value };
	        }
	    },

	    validate(value, { schema, error }) {

	        if (typeof value !== 'string') {
	            return { value, errors: error('string.base') };
	        }

	        if (value === '') {
	            const min = schema.$_getRule('min');
	            if (min &&
	                min.args.limit === 0) {

	                return;
	            }

	            return { value, errors: error('string.empty') };
	        }
	    },

	    jsonSchema(schema, res, mode, options) {

	        const noEmpty = !schema._valids?.has('') && !schema._flags.only;
	        if (noEmpty) {
	            const min = schema.$_getRule('min');
	            const length = schema.$_getRule('length');

	            if ((!min || min.args.limit > 0) &&
	                (!length || length.args.limit > 0)) {

	                res.minLength = 1;
	            }
	        }

	        return res;
	    },

	    rules: {

	        alphanum: {
	            method() {

	                return this.$_addRule('alphanum');
	            },
	            validate(value, helpers) {

	                if (/^[a-zA-Z0-9]+$/.test(value)) {
	                    return value;
	                }

	                return helpers.error('string.alphanum');
	            }
	        },

	        base64: {
	            method(options = {}) {

	                Common.assertOptions(options, ['paddingRequired', 'urlSafe']);

	                options = { urlSafe: false, paddingRequired: true, ...options };
	                assert(typeof options.paddingRequired === 'boolean', 'paddingRequired must be boolean');
	                assert(typeof options.urlSafe === 'boolean', 'urlSafe must be boolean');

	                return this.$_addRule({ name: 'base64', args: { options } });
	            },
	            validate(value, helpers, { options }) {

	                const regex = internals.base64Regex[options.paddingRequired][options.urlSafe];
	                if (regex.test(value)) {
	                    return value;
	                }

	                return helpers.error('string.base64');
	            },
	            jsonSchema(rule, res) {

	                res.format = 'base64';
	                return res;
	            }
	        },

	        case: {
	            method(direction) {

	                assert(['lower', 'upper'].includes(direction), 'Invalid case:', direction);

	                return this.$_addRule({ name: 'case', args: { direction } });
	            },
	            validate(value, helpers, { direction }) {

	                if (direction === 'lower' && value === value.toLocaleLowerCase() ||
	                    direction === 'upper' && value === value.toLocaleUpperCase()) {

	                    return value;
	                }

	                return helpers.error(`string.${direction}case`);
	            },
	            convert: true
	        },

	        creditCard: {
	            method() {

	                return this.$_addRule('creditCard');
	            },
	            validate(value, helpers) {

	                let i = value.length;
	                let sum = 0;
	                let mul = 1;

	                while (i--) {
	                    const char = value.charAt(i) * mul;
	                    sum = sum + (char - (char > 9) * 9);
	                    mul = mul ^ 3;
	                }

	                if (sum > 0 &&
	                    sum % 10 === 0) {

	                    return value;
	                }

	                return helpers.error('string.creditCard');
	            }
	        },

	        dataUri: {
	            method(options = {}) {

	                Common.assertOptions(options, ['paddingRequired']);

	                options = { paddingRequired: true, ...options };
	                assert(typeof options.paddingRequired === 'boolean', 'paddingRequired must be boolean');

	                return this.$_addRule({ name: 'dataUri', args: { options } });
	            },
	            validate(value, helpers, { options }) {

	                const matches = value.match(internals.dataUriRegex);

	                if (matches) {
	                    if (!matches[2]) {
	                        return value;
	                    }

	                    if (matches[2] !== 'base64') {
	                        return value;
	                    }

	                    const base64regex = internals.base64Regex[options.paddingRequired].false;
	                    if (base64regex.test(matches[3])) {
	                        return value;
	                    }
	                }

	                return helpers.error('string.dataUri');
	            },
	            jsonSchema(rule, res) {

	                res.format = 'data-uri';
	                return res;
	            }
	        },

	        domain: {
	            method(options) {

	                if (options) {
	                    Common.assertOptions(options, ['allowFullyQualified', 'allowUnicode', 'allowUnderscore', 'maxDomainSegments', 'minDomainSegments', 'tlds']);
	                }

	                const address = internals.addressOptions(options);
	                return this.$_addRule({ name: 'domain', args: { options }, address });
	            },
	            validate(value, helpers, args, { address }) {

	                if (isDomainValid(value, address)) {
	                    return value;
	                }

	                return helpers.error('string.domain');
	            }
	        },

	        email: {
	            method(options = {}) {

	                Common.assertOptions(options, ['allowFullyQualified', 'allowUnicode', 'allowUnderscore', 'ignoreLength', 'maxDomainSegments', 'minDomainSegments', 'multiple', 'separator', 'tlds']);
	                assert(options.multiple === undefined || typeof options.multiple === 'boolean', 'multiple option must be an boolean');

	                const address = internals.addressOptions(options);
	                // Only start the leading whitespace at the beginning of a run, otherwise the split is quadratic on long whitespace runs,
	                // and only build it when needed since lookbehind requires Safari 16.4+
	                const regex = options.multiple ? new RegExp(`(?:(?<!\\s)\\s+)?[${options.separator ? escapeRegex(options.separator) : ','}]\\s*`) : undefined;

	                return this.$_addRule({ name: 'email', args: { options }, regex, address });
	            },
	            validate(value, helpers, { options }, { regex, address }) {

	                const emails = options.multiple ? value.split(regex) : [value];
	                const invalids = [];
	                for (const email of emails) {
	                    if (!isEmailValid(email, address)) {
	                        invalids.push(email);
	                    }
	                }

	                if (!invalids.length) {
	                    return value;
	                }

	                return helpers.error('string.email', { value, invalids });
	            },
	            jsonSchema(rule, res) {

	                res.format = 'email';
	                return res;
	            }
	        },

	        guid: {
	            alias: 'uuid',
	            method(options = {}) {

	                Common.assertOptions(options, ['version', 'separator', 'wrapper']);

	                assert(
	                    options.wrapper === undefined ||
	                    typeof options.wrapper === 'boolean' ||
	                    (typeof options.wrapper === 'string' && typeof internals.guidBrackets[options.wrapper] === 'string'),
	                    `"wrapper" must be true, false, or one of "${Object.keys(internals.guidBrackets).filter(Boolean).join('", "')}"`
	                );

	                let versionNumbers = '';

	                if (options.version) {
	                    const versions = [].concat(options.version);

	                    assert(versions.length >= 1, 'version must have at least 1 valid version specified');
	                    const set = new Set();

	                    for (let i = 0; i < versions.length; ++i) {
	                        const version = versions[i];
	                        assert(typeof version === 'string', 'version at position ' + i + ' must be a string');
	                        const versionNumber = internals.guidVersions[version.toLowerCase()];
	                        assert(versionNumber, 'version at position ' + i + ' must be one of ' + Object.keys(internals.guidVersions).join(', '));
	                        assert(!set.has(versionNumber), 'version at position ' + i + ' must not be a duplicate');

	                        versionNumbers += versionNumber;
	                        set.add(versionNumber);
	                    }
	                }

	                assert(internals.guidSeparators.has(options.separator), 'separator must be one of true, false, "-", or ":"');
	                const separator = options.separator === undefined ? '[:-]?' :
	                    options.separator === true ? '[:-]' :
	                        options.separator === false ? '[]?' : `\\${options.separator}`;

	                let wrapperStart;
	                let wrapperEnd;

	                if (options.wrapper === undefined) {
	                    wrapperStart = '[\\[{\\(]?';
	                    wrapperEnd = '[\\]}\\)]?';
	                }
	                else if (options.wrapper === true) {
	                    wrapperStart = '[\\[{\\(]';
	                    wrapperEnd = '[\\]}\\)]';
	                }
	                else if (options.wrapper === false) {
	                    wrapperStart = '';
	                    wrapperEnd = '';
	                }
	                else {
	                    wrapperStart = escapeRegex(options.wrapper);
	                    wrapperEnd = escapeRegex(internals.guidBrackets[options.wrapper]);
	                }

	                const regex = new RegExp(
	                    `^(${wrapperStart})[0-9A-F]{8}(${separator})[0-9A-F]{4}\\2?[${
	                        versionNumbers || '0-9A-F'
	                    }][0-9A-F]{3}\\2?[${
	                        versionNumbers ? '89AB' : '0-9A-F'
	                    }][0-9A-F]{3}\\2?[0-9A-F]{12}(${wrapperEnd})$`,
	                    'i'
	                );

	                return this.$_addRule({ name: 'guid', args: { options }, regex });
	            },

	            validate(value, helpers, args, { regex }) {

	                const results = regex.exec(value);

	                if (!results) {
	                    return helpers.error('string.guid');
	                }

	                const open = results[1];
	                const close = results[results.length - 1];

	                if ((open || close) && internals.guidBrackets[open] !== close) {
	                    return helpers.error('string.guid');
	                }

	                return value;
	            },
	            jsonSchema(rule, res) {

	                res.format = 'uuid';
	                return res;
	            }
	        },

	        hex: {
	            method(options = {}) {

	                Common.assertOptions(options, ['byteAligned', 'prefix']);

	                options = { byteAligned: false, prefix: false, ...options };
	                assert(typeof options.byteAligned === 'boolean', 'byteAligned must be boolean');
	                assert(typeof options.prefix === 'boolean' || options.prefix === 'optional', 'prefix must be boolean or "optional"');

	                return this.$_addRule({ name: 'hex', args: { options } });
	            },
	            validate(value, helpers, { options }) {

	                const re = options.prefix === 'optional' ?
	                    internals.hexRegex.withOptionalPrefix :
	                    options.prefix === true ?
	                        internals.hexRegex.withPrefix :
	                        internals.hexRegex.withoutPrefix;
	                if (!re.test(value)) {
	                    return helpers.error('string.hex');
	                }

	                if (options.byteAligned &&
	                    value.length % 2 !== 0) {

	                    return helpers.error('string.hexAlign');
	                }

	                return value;
	            },
	            jsonSchema(rule, res) {

	                res.format = 'hex';
	                return res;
	            }
	        },

	        hostname: {
	            method() {

	                return this.$_addRule('hostname');
	            },
	            validate(value, helpers) {

	                if (isDomainValid(value, { minDomainSegments: 1 }) ||
	                    internals.ipRegex.test(value)) {

	                    return value;
	                }

	                return helpers.error('string.hostname');
	            },
	            jsonSchema(rule, res) {

	                res.format = 'hostname';
	                return res;
	            }
	        },

	        insensitive: {
	            method() {

	                return this.$_setFlag('insensitive', true);
	            }
	        },

	        ip: {
	            method(options = {}) {

	                Common.assertOptions(options, ['cidr', 'version']);

	                const { cidr, versions, regex } = ipRegex(options);
	                const version = options.version ? versions : undefined;
	                return this.$_addRule({ name: 'ip', args: { options: { cidr, version } }, regex });
	            },
	            validate(value, helpers, { options }, { regex }) {

	                if (regex.test(value)) {
	                    return value;
	                }

	                if (options.version) {
	                    return helpers.error('string.ipVersion', { value, cidr: options.cidr, version: options.version });
	                }

	                return helpers.error('string.ip', { value, cidr: options.cidr });
	            },
	            jsonSchema(rule, res) {

	                const version = rule.args.options.version;
	                if (version && version.length === 1) {
	                    res.format = version[0];
	                }
	                else {
	                    res.format = 'ip';
	                }

	                return res;
	            }
	        },

	        isoDate: {
	            method() {

	                return this.$_addRule('isoDate');
	            },
	            validate(value, { error }) {

	                if (internals.isoDate(value)) {
	                    return value;
	                }

	                return error('string.isoDate');
	            },
	            jsonSchema(rule, res) {

	                res.format = 'date-time';
	                return res;
	            }
	        },

	        isoDuration: {
	            method() {

	                return this.$_addRule('isoDuration');
	            },
	            validate(value, helpers) {

	                if (internals.isoDurationRegex.test(value)) {
	                    return value;
	                }

	                return helpers.error('string.isoDuration');
	            },
	            jsonSchema(rule, res) {

	                res.format = 'duration';
	                return res;
	            }
	        },

	        length: {
	            method(limit, encoding) {

	                return internals.length(this, 'length', limit, '=', encoding);
	            },
	            validate(value, helpers, { limit, encoding }, { name, operator, args }) {

	                const length = encoding ? Buffer && Buffer.byteLength(value, encoding) : value.length;      // $lab:coverage:ignore$
	                if (Common.compare(length, limit, operator)) {
	                    return value;
	                }

	                return helpers.error('string.' + name, { limit: args.limit, value, encoding });
	            },
	            jsonSchema(rule, res) {

	                res.minLength = rule.args.limit;
	                res.maxLength = rule.args.limit;
	                return res;
	            },
	            args: [
	                {
	                    name: 'limit',
	                    ref: true,
	                    assert: Common.limit,
	                    message: 'must be a positive integer'
	                },
	                'encoding'
	            ]
	        },

	        lowercase: {
	            method() {

	                return this.case('lower');
	            }
	        },

	        max: {
	            method(limit, encoding) {

	                return internals.length(this, 'max', limit, '<=', encoding);
	            },
	            jsonSchema(rule, res) {

	                res.maxLength = rule.args.limit;
	                return res;
	            },
	            args: ['limit', 'encoding']
	        },

	        min: {
	            method(limit, encoding) {

	                return internals.length(this, 'min', limit, '>=', encoding);
	            },
	            jsonSchema(rule, res) {

	                if (rule.args.limit > 0) {

	                    res.minLength = rule.args.limit;
	                }

	                return res;
	            },
	            args: ['limit', 'encoding']
	        },

	        normalize: {
	            method(form = 'NFC') {

	                assert(internals.normalizationForms.includes(form), 'normalization form must be one of ' + internals.normalizationForms.join(', '));

	                return this.$_addRule({ name: 'normalize', args: { form } });
	            },
	            validate(value, { error }, { form }) {

	                if (value === value.normalize(form)) {
	                    return value;
	                }

	                return error('string.normalize', { value, form });
	            },
	            convert: true
	        },

	        pattern: {
	            alias: 'regex',
	            method(regex, options = {}) {

	                assert(regex instanceof RegExp, 'regex must be a RegExp');
	                assert(!regex.flags.includes('g') && !regex.flags.includes('y'), 'regex should not use global or sticky mode');

	                if (typeof options === 'string') {
	                    options = { name: options };
	                }

	                Common.assertOptions(options, ['invert', 'name']);

	                const errorCode = ['string.pattern', options.invert ? '.invert' : '', options.name ? '.name' : '.base'].join('');
	                return this.$_addRule({ name: 'pattern', args: { regex, options }, errorCode });
	            },
	            validate(value, helpers, { regex, options }, { errorCode }) {

	                const patternMatch = regex.test(value);

	                if (patternMatch ^ options.invert) {
	                    return value;
	                }

	                return helpers.error(errorCode, { name: options.name, regex, value });
	            },
	            jsonSchema(rule, res) {

	                const pattern = rule.args.regex.source;

	                if (res.allOf) {
	                    res.allOf.push({ pattern });
	                }
	                else if (res.pattern !== undefined) {
	                    res.allOf = [{ pattern: res.pattern }, { pattern }];
	                    delete res.pattern;
	                }
	                else {
	                    res.pattern = pattern;
	                }

	                return res;
	            },
	            args: ['regex', 'options'],
	            multi: true
	        },

	        replace: {
	            method(pattern, replacement) {

	                if (typeof pattern === 'string') {
	                    pattern = new RegExp(escapeRegex(pattern), 'g');
	                }

	                assert(pattern instanceof RegExp, 'pattern must be a RegExp');
	                assert(typeof replacement === 'string', 'replacement must be a String');

	                const obj = this.clone();

	                if (!obj.$_terms.replacements) {
	                    obj.$_terms.replacements = [];
	                }

	                obj.$_terms.replacements.push({ pattern, replacement });
	                return obj;
	            }
	        },

	        token: {
	            method() {

	                return this.$_addRule('token');
	            },
	            validate(value, helpers) {

	                if (/^\w+$/.test(value)) {
	                    return value;
	                }

	                return helpers.error('string.token');
	            },
	            jsonSchema(rule, res) {

	                res.format = 'token';
	                return res;
	            }
	        },

	        trim: {
	            method(enabled = true) {

	                assert(typeof enabled === 'boolean', 'enabled must be a boolean');

	                return this.$_addRule({ name: 'trim', args: { enabled } });
	            },
	            validate(value, helpers, { enabled }) {

	                if (!enabled ||
	                    value === value.trim()) {

	                    return value;
	                }

	                return helpers.error('string.trim');
	            },
	            convert: true
	        },

	        truncate: {
	            method(enabled = true) {

	                assert(typeof enabled === 'boolean', 'enabled must be a boolean');

	                return this.$_setFlag('truncate', enabled);
	            }
	        },

	        uppercase: {
	            method() {

	                return this.case('upper');
	            }
	        },

	        uri: {
	            method(options = {}) {

	                Common.assertOptions(options, ['allowRelative', 'allowQuerySquareBrackets', 'domain', 'relativeOnly', 'scheme', 'encodeUri']);

	                if (options.domain) {
	                    Common.assertOptions(options.domain, ['allowFullyQualified', 'allowUnicode', 'maxDomainSegments', 'minDomainSegments', 'tlds']);
	                }

	                const { regex, scheme } = uriRegex(options);
	                const domain = options.domain ? internals.addressOptions(options.domain) : null;
	                return this.$_addRule({ name: 'uri', args: { options }, regex, domain, scheme });
	            },
	            validate(value, helpers, { options }, { regex, domain, scheme }) {

	                if (['http:/', 'https:/'].includes(value)) {            // scheme:/ is technically valid but makes no sense
	                    return helpers.error('string.uri');
	                }

	                let match = regex.exec(value);

	                if (!match && helpers.prefs.convert && options.encodeUri) {
	                    const encoded = encodeURI(value);
	                    match = regex.exec(encoded);
	                    if (match) {
	                        value = encoded;
	                    }
	                }

	                if (match) {
	                    const matched = match[1] || match[2];
	                    if (domain &&
	                        (!options.allowRelative || matched) &&
	                        !isDomainValid(matched, domain)) {

	                        return helpers.error('string.domain', { value: matched });
	                    }

	                    return value;
	                }

	                if (options.relativeOnly) {
	                    return helpers.error('string.uriRelativeOnly');
	                }

	                if (options.scheme) {
	                    return helpers.error('string.uriCustomScheme', { scheme, value });
	                }

	                return helpers.error('string.uri');
	            },
	            jsonSchema(rule, res) {

	                res.format = 'uri';
	                return res;
	            }
	        }
	    },

	    manifest: {

	        build(obj, desc) {

	            if (desc.replacements) {
	                for (const { pattern, replacement } of desc.replacements) {
	                    obj = obj.replace(pattern, replacement);
	                }
	            }

	            return obj;
	        }
	    },

	    messages: {
	        'string.alphanum': '{{#label}} must only contain alpha-numeric characters',
	        'string.base': '{{#label}} must be a string',
	        'string.base64': '{{#label}} must be a valid base64 string',
	        'string.creditCard': '{{#label}} must be a credit card',
	        'string.dataUri': '{{#label}} must be a valid dataUri string',
	        'string.domain': '{{#label}} must contain a valid domain name',
	        'string.email': '{{#label}} must be a valid email',
	        'string.empty': '{{#label}} is not allowed to be empty',
	        'string.guid': '{{#label}} must be a valid GUID',
	        'string.hex': '{{#label}} must only contain hexadecimal characters',
	        'string.hexAlign': '{{#label}} hex decoded representation must be byte aligned',
	        'string.hostname': '{{#label}} must be a valid hostname',
	        'string.ip': '{{#label}} must be a valid ip address with a {{#cidr}} CIDR',
	        'string.ipVersion': '{{#label}} must be a valid ip address of one of the following versions {{#version}} with a {{#cidr}} CIDR',
	        'string.isoDate': '{{#label}} must be in iso format',
	        'string.isoDuration': '{{#label}} must be a valid ISO 8601 duration',
	        'string.length': '{{#label}} length must be {{#limit}} characters long',
	        'string.lowercase': '{{#label}} must only contain lowercase characters',
	        'string.max': '{{#label}} length must be less than or equal to {{#limit}} characters long',
	        'string.min': '{{#label}} length must be at least {{#limit}} characters long',
	        'string.normalize': '{{#label}} must be unicode normalized in the {{#form}} form',
	        'string.token': '{{#label}} must only contain alpha-numeric and underscore characters',
	        'string.pattern.base': '{{#label}} with value {:[.]} fails to match the required pattern: {{#regex}}',
	        'string.pattern.name': '{{#label}} with value {:[.]} fails to match the {{#name}} pattern',
	        'string.pattern.invert.base': '{{#label}} with value {:[.]} matches the inverted pattern: {{#regex}}',
	        'string.pattern.invert.name': '{{#label}} with value {:[.]} matches the inverted {{#name}} pattern',
	        'string.trim': '{{#label}} must not have leading or trailing whitespace',
	        'string.uri': '{{#label}} must be a valid uri',
	        'string.uriCustomScheme': '{{#label}} must be a valid uri with a scheme matching the {{#scheme}} pattern',
	        'string.uriRelativeOnly': '{{#label}} must be a valid relative uri',
	        'string.uppercase': '{{#label}} must only contain uppercase characters'
	    }
	});


	// Helpers

	internals.addressOptions = function (options) {

	    if (!options) {
	        return internals.tlds || options;      // $lab:coverage:ignore$
	    }

	    // minDomainSegments

	    assert(options.minDomainSegments === undefined ||
	        Number.isSafeInteger(options.minDomainSegments) && options.minDomainSegments > 0, 'minDomainSegments must be a positive integer');

	    // maxDomainSegments

	    assert(options.maxDomainSegments === undefined ||
	        Number.isSafeInteger(options.maxDomainSegments) && options.maxDomainSegments > 0, 'maxDomainSegments must be a positive integer');

	    // tlds

	    if (options.tlds === false) {
	        return options;
	    }

	    if (options.tlds === true ||
	        options.tlds === undefined) {

	        assert(internals.tlds, 'Built-in TLD list disabled');
	        return Object.assign({}, options, internals.tlds);
	    }

	    assert(typeof options.tlds === 'object', 'tlds must be true, false, or an object');

	    const deny = options.tlds.deny;
	    if (deny) {
	        if (Array.isArray(deny)) {
	            options = Object.assign({}, options, { tlds: { deny: new Set(deny) } });
	        }

	        assert(options.tlds.deny instanceof Set, 'tlds.deny must be an array, Set, or boolean');
	        assert(!options.tlds.allow, 'Cannot specify both tlds.allow and tlds.deny lists');
	        internals.validateTlds(options.tlds.deny, 'tlds.deny');
	        return options;
	    }

	    const allow = options.tlds.allow;
	    if (!allow) {
	        return { ...options, tlds: false };
	    }

	    if (allow === true) {
	        assert(internals.tlds, 'Built-in TLD list disabled');
	        return Object.assign({}, options, internals.tlds);
	    }

	    if (Array.isArray(allow)) {
	        options = Object.assign({}, options, { tlds: { allow: new Set(allow) } });
	    }

	    assert(options.tlds.allow instanceof Set, 'tlds.allow must be an array, Set, or boolean');
	    internals.validateTlds(options.tlds.allow, 'tlds.allow');
	    return options;
	};


	internals.validateTlds = function (set, source) {

	    for (const tld of set) {
	        assert(isDomainValid(tld, { minDomainSegments: 1, maxDomainSegments: 1 }), `${source} must contain valid top level domain names`);
	    }
	};


	internals.isoDate = function (value) {

	    if (!Common.isIsoDate(value)) {
	        return null;
	    }

	    if (/T.*[+-]\d\d$/.test(value)) {                // Add missing separator and trailing zeros to timeshift
	        value += ':00';
	    }

	    const date = new Date(value);
	    if (isNaN(date.getTime())) {
	        return null;
	    }

	    return date.toISOString();
	};


	internals.length = function (schema, name, limit, operator, encoding) {

	    assert(!encoding || Buffer && Buffer.isEncoding(encoding), 'Invalid encoding:', encoding);      // $lab:coverage:ignore$

	    return schema.$_addRule({ name, method: 'length', args: { limit, encoding }, operator });
	};
	return string;
}

var symbol;
var hasRequiredSymbol;

function requireSymbol () {
	if (hasRequiredSymbol) return symbol;
	hasRequiredSymbol = 1;

	const { assert } = requireLib$4();

	const Any = requireAny();


	const internals = {};


	internals.Map = class extends Map {

	    slice() {

	        return new internals.Map(this);
	    }
	};


	symbol = Any.extend({

	    type: 'symbol',

	    terms: {

	        map: { init: new internals.Map() }
	    },

	    coerce: {
	        method(value, { schema, error }) {

	            const lookup = schema.$_terms.map.get(value);
	            if (lookup) {
	                value = lookup;
	            }

	            if (!schema._flags.only ||
	                typeof value === 'symbol') {

	                return { value };
	            }

	            return { value, errors: error('symbol.map', { map: schema.$_terms.map }) };
	        }
	    },

	    validate(value, { error }) {

	        if (typeof value !== 'symbol') {
	            return { value, errors: error('symbol.base') };
	        }
	    },

	    rules: {
	        map: {
	            method(iterable) {

	                if (iterable &&
	                    !iterable[Symbol.iterator] &&
	                    typeof iterable === 'object') {

	                    iterable = Object.entries(iterable);
	                }

	                assert(iterable && iterable[Symbol.iterator], 'Iterable must be an iterable or object');

	                const obj = this.clone();

	                const symbols = [];
	                for (const entry of iterable) {
	                    assert(entry && entry[Symbol.iterator], 'Entry must be an iterable');
	                    const [key, value] = entry;

	                    assert(typeof key !== 'object' && typeof key !== 'function' && typeof key !== 'symbol', 'Key must not be of type object, function, or Symbol');
	                    assert(typeof value === 'symbol', 'Value must be a Symbol');

	                    obj.$_terms.map.set(key, value);
	                    symbols.push(value);
	                }

	                return obj.valid(...symbols);
	            }
	        }
	    },

	    manifest: {

	        build(obj, desc) {

	            if (desc.map) {
	                obj = obj.map(desc.map);
	            }

	            return obj;
	        }
	    },

	    jsonSchema(schema, json, mode, options) {

	        const map = schema.$_terms.map;
	        if (!map.size) {
	            return {};
	        }

	        return {
	            anyOf: Array.from(map.keys()).map((key) => ({ const: key }))
	        };
	    },

	    messages: {
	        'symbol.base': '{{#label}} must be a symbol',
	        'symbol.map': '{{#label}} must be one of {{#map}}'
	    }
	});
	return symbol;
}

var binary;
var hasRequiredBinary;

function requireBinary () {
	if (hasRequiredBinary) return binary;
	hasRequiredBinary = 1;

	const { assert } = requireLib$4();

	const Any = requireAny();
	const Common = requireCommon();


	binary = Any.extend({

	    type: 'binary',

	    coerce: {
	        from: ['string', 'object'],
	        method(value, { schema }) {

	            if (typeof value === 'string' || (value !== null && value.type === 'Buffer')) {
	                try {
	                    return { value: Buffer.from(value, schema._flags.encoding) };
	                }
	                catch { }
	            }
	        }
	    },

	    validate(value, { error }) {

	        if (!Buffer.isBuffer(value)) {
	            return { value, errors: error('binary.base') };
	        }
	    },

	    jsonSchema(schema, res, mode, options) {

	        res.type = 'string';
	        res.format = 'binary';

	        return res;
	    },

	    rules: {
	        encoding: {
	            method(encoding) {

	                assert(Buffer.isEncoding(encoding), 'Invalid encoding:', encoding);

	                return this.$_setFlag('encoding', encoding);
	            }
	        },

	        length: {
	            method(limit) {

	                return this.$_addRule({ name: 'length', method: 'length', args: { limit }, operator: '=' });
	            },
	            validate(value, helpers, { limit }, { name, operator, args }) {

	                if (Common.compare(value.length, limit, operator)) {
	                    return value;
	                }

	                return helpers.error('binary.' + name, { limit: args.limit, value });
	            },
	            jsonSchema(rule, res) {

	                res.minLength = rule.args.limit;
	                res.maxLength = rule.args.limit;
	                return res;
	            },
	            args: [
	                {
	                    name: 'limit',
	                    ref: true,
	                    assert: Common.limit,
	                    message: 'must be a positive integer'
	                }
	            ]
	        },

	        max: {
	            method(limit) {

	                return this.$_addRule({ name: 'max', method: 'length', args: { limit }, operator: '<=' });
	            },
	            jsonSchema(rule, res) {

	                res.maxLength = rule.args.limit;
	                return res;
	            }
	        },

	        min: {
	            method(limit) {

	                return this.$_addRule({ name: 'min', method: 'length', args: { limit }, operator: '>=' });
	            },
	            jsonSchema(rule, res) {

	                res.minLength = rule.args.limit;
	                return res;
	            }
	        }
	    },

	    cast: {
	        string: {
	            from: (value) => Buffer.isBuffer(value),
	            to(value, helpers) {

	                return value.toString();
	            }
	        }
	    },

	    messages: {
	        'binary.base': '{{#label}} must be a buffer or a string',
	        'binary.length': '{{#label}} must be {{#limit}} bytes',
	        'binary.max': '{{#label}} must be less than or equal to {{#limit}} bytes',
	        'binary.min': '{{#label}} must be at least {{#limit}} bytes'
	    }
	});
	return binary;
}

var lib;
var hasRequiredLib;

function requireLib () {
	if (hasRequiredLib) return lib;
	hasRequiredLib = 1;

	const { assert, clone } = requireLib$4();

	const Cache = requireCache();
	const Common = requireCommon();
	const Compile = requireCompile();
	const Errors = requireErrors();
	const Extend = requireExtend();
	const Manifest = requireManifest();
	const Ref = requireRef();
	const Template = requireTemplate();
	const Trace = requireTrace();

	let Schemas;


	const internals = {
	    types: {
	        alternatives: requireAlternatives(),
	        any: requireAny(),
	        array: requireArray(),
	        boolean: requireBoolean(),
	        date: requireDate(),
	        function: require_function(),
	        link: requireLink(),
	        number: requireNumber(),
	        object: requireObject(),
	        string: requireString(),
	        symbol: requireSymbol()
	    },
	    aliases: {
	        alt: 'alternatives',
	        bool: 'boolean',
	        func: 'function'
	    }
	};


	if (Buffer) {                                                           // $lab:coverage:ignore$
	    internals.types.binary = requireBinary();
	}


	internals.root = function () {

	    const root = {
	        _types: new Set(Object.keys(internals.types))
	    };

	    // Types

	    for (const type of root._types) {
	        root[type] = function (...args) {

	            assert(!args.length || ['alternatives', 'link', 'object'].includes(type), 'The', type, 'type does not allow arguments');
	            return internals.generate(this, internals.types[type], args);
	        };
	    }

	    // Shortcuts

	    for (const method of ['allow', 'custom', 'disallow', 'equal', 'exist', 'forbidden', 'invalid', 'not', 'only', 'optional', 'options', 'prefs', 'preferences', 'required', 'strip', 'valid', 'when']) {
	        root[method] = function (...args) {

	            return this.any()[method](...args);
	        };
	    }

	    // Methods

	    Object.assign(root, internals.methods);

	    // Aliases

	    for (const alias of Object.keys(internals.aliases)) {
	        const target = internals.aliases[alias];
	        root[alias] = root[target];
	    }

	    root.x = root.expression;

	    // Trace

	    if (Trace.setup) {                                          // $lab:coverage:ignore$
	        Trace.setup(root);
	    }

	    return root;
	};


	internals.methods = {

	    ValidationError: Errors.ValidationError,
	    version: Common.version,
	    cache: Cache.provider,

	    assert(value, schema, ...args /* [message], [options] */) {

	        internals.assert(value, schema, true, args);
	    },

	    attempt(value, schema, ...args /* [message], [options] */) {

	        return internals.assert(value, schema, false, args);
	    },

	    build(desc) {

	        assert(typeof Manifest.build === 'function', 'Manifest functionality disabled');
	        return Manifest.build(this, desc);
	    },

	    checkPreferences(prefs) {

	        Common.checkPreferences(prefs);
	    },

	    compile(schema, options) {

	        return Compile.compile(this, schema, options);
	    },

	    defaults(modifier) {

	        assert(typeof modifier === 'function', 'modifier must be a function');

	        const joi = Object.assign({}, this);
	        for (const type of joi._types) {
	            const schema = modifier(joi[type]());
	            assert(Common.isSchema(schema), 'modifier must return a valid schema object');

	            joi[type] = function (...args) {

	                return internals.generate(this, schema, args);
	            };
	        }

	        return joi;
	    },

	    expression(...args) {

	        return new Template(...args);
	    },

	    extend(...extensions) {

	        Common.verifyFlat(extensions, 'extend');

	        Schemas = Schemas || requireSchemas();

	        assert(extensions.length, 'You need to provide at least one extension');
	        this.assert(extensions, Schemas.extensions);

	        const joi = Object.assign({}, this);
	        joi._types = new Set(joi._types);

	        for (let extension of extensions) {
	            if (typeof extension === 'function') {
	                extension = extension(joi);
	            }

	            this.assert(extension, Schemas.extension);

	            const expanded = internals.expandExtension(extension, joi);
	            for (const item of expanded) {
	                assert(joi[item.type] === undefined || joi._types.has(item.type), 'Cannot override name', item.type);

	                const base = item.base || this.any();
	                const schema = Extend.type(base, item);

	                joi._types.add(item.type);
	                joi[item.type] = function (...args) {

	                    return internals.generate(this, schema, args);
	                };
	            }
	        }

	        return joi;
	    },

	    isError: Errors.ValidationError.isError,
	    isExpression: Template.isTemplate,
	    isRef: Ref.isRef,
	    isSchema: Common.isSchema,

	    in(...args) {

	        return Ref.in(...args);
	    },

	    override: Common.symbols.override,

	    ref(...args) {

	        return Ref.create(...args);
	    },

	    types() {

	        const types = {};
	        for (const type of this._types) {
	            types[type] = this[type]();
	        }

	        for (const target of Object.keys(internals.aliases)) {
	            types[target] = this[target]();
	        }

	        return types;
	    }
	};


	// Helpers

	internals.assert = function (value, schema, annotate, args /* [message], [options] */) {

	    const message = args[0] instanceof Error || typeof args[0] === 'string' ? args[0] : null;
	    const options = message !== null ? args[1] : args[0];
	    const result = schema.validate(value, Common.preferences({ errors: { stack: true } }, options || {}));

	    let error = result.error;
	    if (!error) {
	        return result.value;
	    }

	    if (message instanceof Error) {
	        throw message;
	    }

	    const display = annotate && typeof error.annotate === 'function' ? error.annotate() : error.message;

	    if (error instanceof Errors.ValidationError === false) {
	        error = clone(error);
	    }

	    error.message = message ? `${message} ${display}` : display;
	    throw error;
	};


	internals.generate = function (root, schema, args) {

	    assert(root, 'Must be invoked on a Joi instance.');

	    schema.$_root = root;

	    if (!schema._definition.args ||
	        !args.length) {

	        return schema;
	    }

	    return schema._definition.args(schema, ...args);
	};


	internals.expandExtension = function (extension, joi) {

	    if (typeof extension.type === 'string') {
	        return [extension];
	    }

	    const extended = [];
	    for (const type of joi._types) {
	        if (extension.type.test(type)) {
	            const item = Object.assign({}, extension);
	            item.type = type;
	            item.base = joi[type]();
	            extended.push(item);
	        }
	    }

	    return extended;
	};


	lib = internals.root();
	return lib;
}

var libExports = requireLib();
const Joi = /*@__PURE__*/getDefaultExportFromCjs(libExports);

function flush(place) {
  const handle = openSync(place, "r");
  try {
    fsyncSync(handle);
  } finally {
    closeSync(handle);
  }
}
function flushFolder(folder) {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const place = path.join(folder, entry.name);
    if (entry.isDirectory()) flushFolder(place);
    else flush(place);
  }
  flush(folder);
}

function placesIn(dataFolder) {
  return {
    database: path.join(dataFolder, "database"),
    /** A database in the making; whatever it holds was never answered for. */
    unfinished: path.join(dataFolder, "database.unfinished"),
    /** A copy being put back. */
    restoring: path.join(dataFolder, "database.restoring"),
    backups: path.join(dataFolder, "backups"),
    logs: path.join(dataFolder, "logs"),
    reserve: path.join(dataFolder, "reserve"),
    /** Who may come in. */
    access: path.join(dataFolder, "access.json"),
    lock: path.join(dataFolder, "innings.lock")
  };
}

const OPEN = { manager: null, helper: null, sessions: [], tokens: [] };
const text = Joi.string().max(200).required();
const passphrase = Joi.object({ salt: text, hash: text }).allow(null).required();
const kept = { id: text, hash: text, since: text };
const schema = Joi.object({
  manager: passphrase,
  helper: passphrase,
  sessions: Joi.array().items({
    ...kept,
    role: Joi.valid("manager", "helper").required(),
    device: text.allow(""),
    seen: text
  }).required(),
  tokens: Joi.array().items({ ...kept, name: text, scope: Joi.valid("read", "log", "manage").required() }).required()
});
const shared$1 = globalThis;
function readAccess(dataFolder) {
  const { access: file } = placesIn(dataFolder);
  const stat = statSync(file, { throwIfNoEntry: false });
  if (!stat) return OPEN;
  const stamp = `${stat.mtimeMs} ${stat.size} ${stat.ino}`;
  const known = shared$1.inningsAccess;
  if (known?.file === file && known.stamp === stamp) return known.access;
  const access = parse(file);
  shared$1.inningsAccess = { file, stamp, access };
  return access;
}
function changeAccess(dataFolder, change, before = readAccess(dataFolder)) {
  const { access: file } = placesIn(dataFolder);
  const next = change(before);
  const aside = `${file}.${process.pid}`;
  const open = openSync(aside, "w", 384);
  try {
    writeSync(open, `${JSON.stringify(next, null, 2)}
`);
    fsyncSync(open);
  } finally {
    closeSync(open);
  }
  renameSync(aside, file);
  flush(path.dirname(file));
  return next;
}
function parse(file) {
  try {
    const { value, error } = schema.validate(JSON.parse(readFileSync(file, "utf8")));
    if (error) throw error;
    return value;
  } catch {
    throw new Refused(
      503,
      "access-damaged",
      'Who may come in cannot be read, so nobody is let in. Run "npm run share -- --passphrase" on the machine of this garden.'
    );
  }
}

const version = () => integer("version").notNull().default(1);
const bytes = customType({ dataType: () => "bytea" });
const instant = (name) => timestamp(name, { withTimezone: true, mode: "date" });

const amendments = pgTable("amendments", {
  id: text$1("id").primaryKey(),
  name: text$1("name").notNull(),
  kind: text$1("kind").$type().notNull(),
  nPercent: doublePrecision("n_percent").notNull(),
  p2o5Percent: doublePrecision("p2o5_percent").notNull(),
  k2oPercent: doublePrecision("k2o_percent").notNull(),
  releaseDays50: doublePrecision("release_days_50").notNull(),
  nReleaseSeason: doublePrecision("n_release_season").notNull(),
  cce: doublePrecision("cce").notNull(),
  saltIndex: doublePrecision("salt_index").notNull(),
  rateLowGPerL: doublePrecision("rate_low_g_per_l").notNull(),
  rateHighGPerL: doublePrecision("rate_high_g_per_l").notNull(),
  mineral: boolean$1("mineral").notNull().default(false),
  caution: text$1("caution"),
  note: text$1("note"),
  origin: text$1("origin").$type().notNull(),
  pricePerKg: doublePrecision("price_per_kg"),
  stockGrams: doublePrecision("stock_grams").notNull().default(0),
  putAwayAt: instant("put_away_at"),
  version: version()
});

const TOPICS = [
  "site",
  "materials",
  /** What is on the shelf, and what it cost: rows of materials too, but nothing is worked out of them. */
  "stock",
  "amendments",
  "crops",
  "problems",
  "containers",
  /** What grows now. */
  "plantings",
  "pens",
  "kit",
  /** What tests made of mixes. */
  "mix-tests"
];
const GENERATIONS = Symbol.for("innings.generations");
const shared = globalThis;
shared[GENERATIONS] ??= /* @__PURE__ */ new Map();
const generations = shared[GENERATIONS];
function keep(topics, read) {
  const keptBy = /* @__PURE__ */ new WeakMap();
  const all = [topics].flat();
  return (db) => {
    const generation = generationOf(...all);
    if (isTransaction(db)) return readInside(db, generation);
    const kept = keptBy.get(db);
    if (kept?.generation === generation) return kept.rows;
    const made = { generation, rows: Promise.resolve(read(db)), isRead: false };
    keptBy.set(db, made);
    made.rows.then(
      () => {
        made.isRead = true;
      },
      // A reading that failed is tried again by the next who asks.
      () => keptBy.delete(db)
    );
    return made.rows;
  };
  async function readInside(tx, generation) {
    const shared2 = sharedBy.get(sessionOf(tx));
    if (!shared2 || all.some((topic) => shared2.since.get(topic) !== generations.get(topic))) {
      return read(tx);
    }
    const kept = keptBy.get(shared2.db);
    if (kept?.isRead && kept.generation === generation) return kept.rows;
    const rows = await read(tx);
    if (generationOf(...all) === generation) {
      keptBy.set(shared2.db, { generation, rows: Promise.resolve(rows), isRead: true });
    }
    return rows;
  }
}
const sharedBy = /* @__PURE__ */ new WeakMap();
function shareKept(db, tx) {
  sharedBy.set(sessionOf(tx), { db, since: new Map(generations) });
}
function sessionOf(db) {
  return db._.session;
}
function forget(topic) {
  generations.set(topic, generationOf(topic) + 1);
}
function forgetAll() {
  for (const topic of TOPICS) forget(topic);
}
function generationOf(...topics) {
  return topics.reduce((sum, topic) => sum + (generations.get(topic) ?? 0), 0);
}
function isTransaction(db) {
  return is(db, PgTransaction);
}

const materials = pgTable("materials", {
  id: text$1("id").primaryKey(),
  name: text$1("name").notNull(),
  group: text$1("material_group").$type().notNull(),
  bulkDensity: doublePrecision("bulk_density").notNull(),
  totalPorosity: doublePrecision("total_porosity").notNull(),
  interPorosity: doublePrecision("inter_porosity").notNull(),
  grainMm: doublePrecision("grain_mm").notNull(),
  thetaR: doublePrecision("theta_r").notNull(),
  alpha: doublePrecision("alpha").notNull(),
  n: doublePrecision("n").notNull(),
  ksCmPerS: doublePrecision("ks_cm_per_s").notNull(),
  decayPerYear: doublePrecision("decay_per_year").notNull(),
  pH: doublePrecision("ph").notNull(),
  limeBuffer: doublePrecision("lime_buffer").notNull(),
  freeLimeGPerL: doublePrecision("free_lime_g_per_l").notNull(),
  ec1to2: doublePrecision("ec_1_to_2").notNull(),
  cToN: doublePrecision("c_to_n").notNull(),
  nPercentDry: doublePrecision("n_percent_dry").notNull(),
  nReleaseSeason: doublePrecision("n_release_season").notNull(),
  starterNMgPerL: doublePrecision("starter_n_mg_per_l"),
  dustHazard: text$1("dust_hazard").$type().notNull(),
  peat: boolean$1("peat").notNull().default(false),
  note: text$1("note"),
  origin: text$1("origin").$type().notNull(),
  pricePerLitre: doublePrecision("price_per_litre"),
  stockLitres: doublePrecision("stock_litres").notNull().default(0),
  putAwayAt: instant("put_away_at"),
  version: version()
});

const shippedCorrections = pgTable("shipped_corrections", {
  id: integer("id").primaryKey().generatedAlwaysAsIdentity(),
  list: text$1("list").$type().notNull(),
  rowId: text$1("row_id").notNull(),
  taken: boolean$1("taken").notNull(),
  at: instant("at").notNull()
});

const siteSettings = pgTable("site_settings", {
  id: integer("id").primaryKey(),
  name: text$1("name").notNull(),
  latitudeDeg: doublePrecision("latitude_deg").notNull(),
  timeZone: text$1("time_zone").notNull(),
  locale: text$1("locale").notNull(),
  unitSystem: text$1("unit_system").$type().notNull(),
  currency: text$1("currency"),
  climateByMonth: jsonb("climate_by_month").$type().notNull(),
  tapWater: jsonb("tap_water").$type().notNull(),
  measures: jsonb("measures").$type().notNull(),
  practice: jsonb("practice").$type().notNull().default({}),
  seededAt: instant("seeded_at"),
  version: version()
});

/**
 * Time zone name format.
 */

/**
 * The function returns the time zone name for the given date in the specified
 * time zone.
 *
 * It uses the `Intl.DateTimeFormat` API and by default outputs the time zone
 * name in a long format, e.g. "Pacific Standard Time" or
 * "Singapore Standard Time".
 *
 * It is possible to specify the format as the third argument using one of the following options
 *
 * - "short": e.g. "EDT" or "GMT+8".
 * - "long": e.g. "Eastern Daylight Time".
 * - "shortGeneric": e.g. "ET" or "Singapore Time".
 * - "longGeneric": e.g. "Eastern Time" or "Singapore Standard Time".
 *
 * These options correspond to TR35 tokens `z..zzz`, `zzzz`, `v`, and `vvvv` respectively: https://www.unicode.org/reports/tr35/tr35-dates.html#dfst-zone
 *
 * @param timeZone - Time zone name (IANA or UTC offset)
 * @param date - Date object to get the time zone name for
 * @param format - Optional format of the time zone name. Defaults to "long". Can be "short", "long", "shortGeneric", or "longGeneric".
 *
 * @returns Time zone name (e.g. "Singapore Standard Time")
 */
function tzName(timeZone, date, format = "long") {
  return new Intl.DateTimeFormat("en-US", {
    // Enforces engine to render the time. Without the option JavaScriptCore omits it.
    hour: "numeric",
    timeZone: timeZone,
    timeZoneName: format
  }).format(date).split(/\s/g) // Format.JS uses non-breaking spaces
  .slice(2) // Skip the hour and AM/PM parts
  .join(" ");
}

const offsetFormatCache = {};
const offsetCache = {};

/**
 * The function returns UTC offset in minutes for the given date in specified
 * time zone.
 *
 * Unlike `Date.prototype.getTimezoneOffset`, this function returns the value
 * mirrored to the sign of the offset in the time zone. For Asia/Singapore
 * (UTC+8), `tzOffset` returns `480`, while `getTimezoneOffset` returns `-480`.
 *
 * It uses `Intl.DateTimeFormat` internally to access otherwise unavailable
 * runtime's time zone data, and falls back to basic manual parsing if Intl API
 * is not supported (e.g., older Node.js versions, React Native's Hermes, etc.).
 *
 * @param timeZone - Time zone name (IANA or UTC offset).
 * @param date - Date to check the offset for.
 *
 * @returns UTC offset in minutes (e.g., `480` for date in UTC+8).
 */
function tzOffset(timeZone, date) {
  try {
    // Create `Intl.DateTimeFormat` with `"longOffset"` that gives us consistent
    // date strings like `"5/19/2026, GMT-08:00"`.
    const format = offsetFormatCache[timeZone] ||= new Intl.DateTimeFormat("en-US", {
      timeZone,
      timeZoneName: "longOffset"
    }).format;

    // Get `"-08:00"`.
    const offsetStr = format(date).split("GMT")[1];

    // Avoid parsing the same offset string.
    if (offsetStr in offsetCache) return offsetCache[offsetStr];

    // Calculate offset from `["-08", "00"]` and cache it.
    return calcOffset(offsetStr, offsetStr.split(":"));
  } catch {
    // Fallback to manual parsing if the runtime doesn't support
    // `±HH:MM/±HHMM/±HH`. See: https://github.com/nodejs/node/issues/53419.
    if (timeZone in offsetCache) return offsetCache[timeZone];
    const captures = timeZone?.match(offsetRe);
    if (captures) return calcOffset(timeZone, captures.slice(1));
    return NaN;
  }
}
const offsetRe = /([+-]\d\d):?(\d\d)?/;
function calcOffset(cacheStr, values) {
  const hours = +(values[0] || 0);
  const minutes = +(values[1] || 0);
  // Convert seconds to minutes by dividing by 60 to keep the function return in minutes.
  const seconds = +(values[2] || 0) / 60;
  return offsetCache[cacheStr] = hours * 60 + minutes > 0 ? hours * 60 + minutes + seconds : hours * 60 - minutes - seconds;
}

// TZDate stores time in two `Date` objects because native `Date` can only
// expose local fields in the system time zone.
//
// The external date (`this`) stores the real timestamp. It is the value used by
// `getTime()`, `valueOf()`, UTC getters/setters, comparisons, and arithmetic.
// Its local getters are not used for target-zone fields because they would read
// the timestamp through the system time zone.
//
// The internal date (`this.internal`) stores the target-zone wall-clock fields.
// We read and write those fields through UTC getters/setters so the host system
// time zone cannot reinterpret them. For example, `getHours()` returns
// `internal.getUTCHours()`, and `setHours()` writes `internal.setUTCHours(...)`.
//
// Syncing moves data between the two representations:
//
// - `syncToInternal` starts from the external timestamp and rebuilds internal
//   wall-clock fields using `this.timeZone` offset.
//
// - `syncFromInternal` starts from internal wall-clock fields, writes them into
//   the external date, then adjusts that timestamp for the system/target offset
//   difference and DST edge cases.
//
// The public TZDate value is the combination of both: external is the instant,
// internal is the wall-clock view of that instant in `this.timeZone`.

class TZDateMini extends Date {
  //#region static

  constructor(...args) {
    super();

    // Time zone string is always the last string argument unless date string
    // is passed (as a single argument).
    if (args.length > 1 && typeof args[args.length - 1] === "string") {
      this.timeZone = args.pop();
    }
    this.internal = new Date();

    // Validate the time zone by checking its offset.
    if (isNaN(tzOffset(this.timeZone, this))) {
      this.setTime(NaN);
    } else {
      if (!args.length) {
        // No arguments passed: use current time
        this.setTime(Date.now());
      } else if (typeof args[0] === "number" && (args.length === 1 || args.length === 2 && typeof args[1] !== "number")) {
        // Timestamp passed: use it as is
        this.setTime(args[0]);
      } else if (typeof args[0] === "string") {
        // `Date` string passed: parse it as external date
        this.setTime(+new Date(args[0]));
      } else if (args[0] instanceof Date) {
        // `Date` passed: use its timestamp
        this.setTime(+args[0]);
      } else {
        // `Date` values passed:

        // Set it as external date.
        this.setTime(+new Date(...args));

        // Adjust internal and external dates considering that we might have
        // landed on the DST hour.
        adjustToSystemTZ(this, args);
      }
    }
  }
  static tz(tz, ...args) {
    return args.length ? new TZDateMini(...args, tz) : new TZDateMini(Date.now(), tz);
  }

  //#endregion

  //#region time zone

  withTimeZone(timeZone) {
    return new TZDateMini(+this, timeZone);
  }
  getTimezoneOffset() {
    const offset = -tzOffset(this.timeZone, this);
    // Remove the seconds offset using `Math.floor` for negative UTC time zones
    // and `Math.ceil` for positive UTC time zones.
    return offset > 0 ? Math.floor(offset) : Math.ceil(offset);
  }

  //#endregion

  //#region time

  setTime(_time) {
    // Use the native `setTime` to the external date time.
    Date.prototype.setTime.apply(this, arguments);

    // Then apply it to the internal date adjusting to the timezone offset.
    syncToInternal(this);
    return +this;
  }

  //#endregion

  //#region date-fns integration

  [Symbol.for("constructDateFrom")](date) {
    return new TZDateMini(+new Date(date), this.timeZone);
  }

  //#endregion
}

// Assign getters and setters
const re = /^(get|set)(?!UTC)/;
Object.getOwnPropertyNames(Date.prototype).forEach(method => {
  if (!re.test(method)) return;
  const utcMethod = method.replace(re, "$1UTC");
  // Filter out methods without UTC counterparts
  if (!TZDateMini.prototype[utcMethod]) return;
  if (method.startsWith("get")) {
    // Delegate to internal date's UTC method
    TZDateMini.prototype[method] = function () {
      return this.internal[utcMethod]();
    };
  } else {
    // Assign regular setter
    TZDateMini.prototype[method] = function () {
      Date.prototype[utcMethod].apply(this.internal, arguments);
      syncFromInternal(this);
      return +this;
    };

    // Assign UTC setter
    TZDateMini.prototype[utcMethod] = function () {
      Date.prototype[utcMethod].apply(this, arguments);
      syncToInternal(this);
      return +this;
    };
  }
});

/**
 * @internal
 * Function syncs time to internal date, applying the current time zone offset.
 *
 * @param {Date} date - `Date` to sync
 */
function syncToInternal(date) {
  // Start internal from the same real timestamp as external.
  date.internal.setTime(+date);

  // Shift internal by the target offset so its UTC fields become the target-zone
  // wall-clock fields for the external timestamp.
  //
  //   o internal UTC fields: 2024-02-11 00:00
  //   |
  //   | + Asia/Singapore offset (+08:00)
  //   v
  //   x internal UTC fields: 2024-02-11 08:00
  //
  date.internal.setUTCSeconds(date.internal.getUTCSeconds() -
  // Round after converting minutes to seconds to avoid fractional offset
  // precision errors from historical offsets.
  Math.round(-tzOffset(date.timeZone, date) * 60));
}

/**
 * @internal
 * Function syncs internal wall-clock fields into the external date.
 *
 * @param {Date} date - The date to sync
 */
function syncFromInternal(date) {
  // Copy target-zone wall-clock fields from internal into external using native
  // local setters. At this point external holds the right field values but they
  // are interpreted in the system time zone; `adjustToSystemTZ` fixes that.
  Date.prototype.setFullYear.call(date, date.internal.getUTCFullYear(), date.internal.getUTCMonth(), date.internal.getUTCDate());
  Date.prototype.setHours.call(date, date.internal.getUTCHours(), date.internal.getUTCMinutes(), date.internal.getUTCSeconds(), date.internal.getUTCMilliseconds());

  // Now we have to adjust the date to the system time zone
  adjustToSystemTZ(date);
}

/**
 * @internal
 * Function adjusts the date to the system time zone. It uses the time zone
 * differences to calculate the offset and adjust the date.
 *
 * We use it when constructing `TZDate` and syncing the external date from
 * the internal one.
 *
 * @param {TZDate} date - `TZDate` to adjust.
 */
function adjustToSystemTZ(date, constructorArgs) {
  // Keep the intended target-zone wall-clock value before native Date/system
  // time zone normalization can move it. Later corrections compare against this
  // value to distinguish intended DST normalization from accidental drift.
  const expectedInternalTime = Array.isArray(constructorArgs) ? constructorArgsToInternalTime(constructorArgs) : +date.internal;
  //#region Initial offset calculation

  // Current target time zone offset at the native timestamp. It may include
  // historical offset seconds, which we preserve for the seconds adjustment.
  const offsetWithSeconds = tzOffset(date.timeZone, date);

  // Minute-precision target offset used by minute-based timestamp adjustments.
  // Historical offsets can contain seconds, so we strip the fractional minute
  // here and handle remaining seconds in the seconds adjustment below.
  const offset = offsetWithSeconds > 0 ? Math.floor(offsetWithSeconds) : Math.ceil(offsetWithSeconds);

  //#endregion

  //#region System DST adjustment

  // Native `Date` may normalize the requested wall time when the system time
  // zone skips that hour for DST.
  //
  // We compare the system wall-clock hour represented by the external date with
  // the wall-clock hour stored in the internal date. If they differ, the next
  // offset-diff calculation may need the previous system offset, because the
  // current external timestamp is already after the system DST jump.

  // Previous-hour reference used to detect whether the system offset changed
  // immediately before the current native timestamp.
  const prevHour = new Date(+date);

  // Use UTC math so subtracting one hour cannot be normalized back into the
  // same missing local DST hour.
  prevHour.setUTCHours(prevHour.getUTCHours() - 1);

  // Current system offset at the native timestamp.
  const systemOffset = -new Date(+date).getTimezoneOffset();

  // System offset one real hour before the native timestamp.
  const prevHourSystemOffset = -new Date(+prevHour).getTimezoneOffset();

  // Non-zero when the system offset changed between `prevHour` and `date`.
  const systemDSTChange = systemOffset - prevHourSystemOffset;

  // System offset to use in the later system-target offset difference.
  // Defaults to the current system offset and switches to the previous offset
  // only when native `Date` normalized a missing system wall time.
  let systemOffsetForDiff = systemOffset;
  if (systemDSTChange && systemOffset !== offset) {
    // System wall-clock hour represented by the current external timestamp.
    const systemHour = Date.prototype.getHours.apply(date);

    // Target wall-clock hour currently stored in internal fields. Constructors
    // get it from arguments because internal may have already been synced from
    // the normalized external timestamp; setters get it directly from internal.
    const expectedHour = Array.isArray(constructorArgs) ? constructorArgs[3] || 0 : date.internal.getUTCHours();
    if (systemHour !== expectedHour) {
      // Check whether using the current system offset would keep the target
      // offset unchanged. If so, the only DST jump we crossed is the system
      // one, so the diff should use the pre-DST system offset.
      const testDate = new Date(+date);

      // Difference that the later offset-diff step would apply with the
      // current system offset.
      const testOffsetDiff = systemOffset - offset;
      if (testOffsetDiff) testDate.setUTCMinutes(testDate.getUTCMinutes() + testOffsetDiff);

      // Target offset after applying the current system offset difference.
      const testOffsetWithSeconds = tzOffset(date.timeZone, testDate);

      // Target offset without historical seconds, matching `offset`.
      const testOffset = testOffsetWithSeconds > 0 ? Math.floor(testOffsetWithSeconds) : Math.ceil(testOffsetWithSeconds);
      if (testOffset === offset) systemOffsetForDiff = prevHourSystemOffset;
    }
  }

  //#endregion

  //#region System diff adjustment

  // Move external from the system-zone interpretation of internal fields toward
  // the timestamp that represents those fields in the target time zone.
  //
  // At this point native `Date` has treated the internal wall-clock fields as if
  // they belonged to the system zone. The system-target offset difference moves
  // external by the distance between that system interpretation and the target
  // interpretation.

  // Difference between the system offset selected above and the minute-precision
  // target offset. Positive values move external forward; negative values move
  // it backward.
  const offsetDiff = systemOffsetForDiff - offset;
  if (offsetDiff)
    // Apply the system-target minute difference to external. Internal is
    // rebuilt from the final external timestamp after all adjustments are
    // complete.
    //
    //   o  external as target: 2023-01-31 23:00
    //   |
    //   |  add `offsetDiff`
    //   v
    //   x  external as target: 2023-02-01 12:00
    //
    Date.prototype.setUTCMinutes.call(date, Date.prototype.getUTCMinutes.call(date) + offsetDiff);

  //#endregion

  //#region Seconds system diff adjustment

  // Historical time zone offsets can include seconds, but the minute-based
  // offset adjustment above intentionally used minute precision.
  //
  // This adjustment applies the remaining seconds difference to external. For
  // example, historical Singapore used UTC+06:55:25, while ISO formatting shows
  // only `+06:55`; without the seconds correction, setter paths keep the wrong
  // wall-clock seconds.

  // Clone external as a native `Date` so we can inspect how the system time zone
  // represents the same timestamp.
  const systemDate = new Date(+date);

  // Zero UTC seconds before reading system seconds. Any remaining local seconds
  // then come from the system time zone offset rather than from the timestamp's
  // own seconds value.
  systemDate.setUTCSeconds(0);

  // Seconds part contributed by the system time zone offset. Negative offsets
  // need wrapping because `Date#getSeconds()` returns values in the 0..59 range.
  const systemSecondsOffset = systemOffset > 0 ? systemDate.getSeconds() : (systemDate.getSeconds() - 60) % 60;

  // Seconds part contributed by the target time zone offset.
  const secondsOffset = Math.round(-(tzOffset(date.timeZone, date) * 60)) % 60;
  if (secondsOffset || systemSecondsOffset)
    // Apply the remaining second-level system-target difference to external.
    //
    //   o  external as Asia/Singapore: 1900-01-01 00:00:56
    //   |
    //   |  + `secondsOffset`
    //   |  + `systemSecondsOffset`
    //   v
    //   x  external as Asia/Singapore: 1900-01-01 00:00:31
    //
    Date.prototype.setUTCSeconds.call(date, Date.prototype.getUTCSeconds.call(date) + secondsOffset + systemSecondsOffset);

  //#endregion

  //#region Post-adjustment DST fix

  // The first system-target offset move can cross a target-zone DST boundary.
  //
  // When that happens, the target offset at the new external timestamp differs
  // from the target offset used for `offsetDiff`. We compare the original move
  // with the move that would be calculated at the new timestamp, then apply the
  // difference to external.

  // Target offset at the current external timestamp, including historical
  // seconds for the later seconds adjustment.
  const postOffsetWithSeconds = tzOffset(date.timeZone, date);

  // Minute-precision target offset at the current external timestamp.
  const postOffset = postOffsetWithSeconds > 0 ? Math.floor(postOffsetWithSeconds) : Math.ceil(postOffsetWithSeconds);

  // System offset at the current external timestamp.
  const postSystemOffset = -new Date(+date).getTimezoneOffset();

  // System-target offset difference at the current external timestamp.
  const postOffsetDiff = postSystemOffset - postOffset;

  // Whether the target offset changed after the first offset move.
  const offsetChanged = postOffset !== offset;

  // Difference between the current offset move and the move already applied.
  const postDiff = postOffsetDiff - offsetDiff;

  // If the first offset move already normalized a target DST gap forward, the
  // generic post-DST correction below would undo that valid normalization. This
  // happens, for example, with America/New_York 02:00 during spring-forward when
  // the system zone also changes offset around the same instant.
  const targetDSTShift = postOffset - offset;

  // Candidate timestamp that would represent the requested wall-clock time with
  // the post-transition target offset. If it still does not round-trip to the
  // requested wall-clock fields, the requested time is inside a target DST gap.
  const postOffsetCandidate = expectedInternalTime - postOffset * 60 * 1000;

  // Only positive target offset shifts are spring-forward gaps. Negative shifts
  // are fall-back overlaps and still need the regular post-adjustment path.
  const normalizedTargetDSTGap = targetDSTShift > 0 && targetInternalTime(date) - expectedInternalTime === targetDSTShift * 60 * 1000 && targetInternalTime(date, postOffsetCandidate) !== expectedInternalTime;
  if (offsetChanged && postDiff && !normalizedTargetDSTGap) {
    // Apply the target-DST correction to external. In the backward-crossing case
    // shown here, this lands on an intermediate value that needs `offsetChange`
    // below.
    //
    //   o  external as America/New_York: 2023-03-12 03:00 EDT
    //   |
    //   |  + `postDiff`
    //   v
    //   x  external as America/New_York: 2023-03-12 01:00 EST
    //
    Date.prototype.setUTCMinutes.call(date, Date.prototype.getUTCMinutes.call(date) + postDiff);

    // Target offset after applying `postDiff`. It may change again if the
    // correction itself crosses a target-zone DST boundary.
    const newOffsetWithSeconds = tzOffset(date.timeZone, date);

    // Minute-precision target offset after applying `postDiff`.
    const newOffset = newOffsetWithSeconds > 0 ? Math.floor(newOffsetWithSeconds) : Math.ceil(newOffsetWithSeconds);

    // Offset change caused by the `postDiff` move itself.
    const offsetChange = postOffset - newOffset;

    // If the correction moved external backward across the target DST boundary,
    // apply the boundary change so external lands on the valid target-zone
    // timestamp. Forward crossings are already normalized by native Date, and
    // applying this correction there would undo the valid post-DST result.
    if (offsetChange && postDiff < 0) {
      // Apply the second target-DST correction to external.
      //
      //   o  external as America/New_York: 2023-03-12 01:00 EST
      //   |
      //   |  + `offsetChange`
      //   v
      //   x  external as America/New_York: 2023-03-12 03:00 EDT
      //
      Date.prototype.setUTCMinutes.call(date, Date.prototype.getUTCMinutes.call(date) + offsetChange);
    }
  }

  //#endregion

  // Rebuild internal wall-clock fields from the final external timestamp.
  syncToInternal(date);

  // Native Date can normalize historical system offsets with minute and second
  // precision before we adjust to the target time zone. Correct only small
  // historical drift so DST gap normalization (usually one hour) remains intact.
  const expectedTime = constructorArgs ? expectedInternalTime : expectedInternalTime + secondsOffset * 1000;
  const drift = expectedTime - +date.internal;
  if (drift && Math.abs(drift) < 30 * 60 * 1000) {
    Date.prototype.setTime.call(date, +date + drift);
    syncToInternal(date);
  }
}
function constructorArgsToInternalTime(args) {
  // Mirror Date's date-value constructor defaults while preserving explicit
  // `undefined` behavior. Missing month/day default, but passed `undefined`
  // should remain invalid just like `Date.UTC(year, undefined, ...)`.
  return Date.UTC(args[0], args.length > 1 ? args[1] : 0, args.length > 2 ? args[2] : 1, ...args.slice(3));
}
function targetInternalTime(date, time) {
  // Compute the target-zone wall-clock representation for a timestamp without
  // mutating the TZDate. This mirrors syncToInternal for temporary checks.
  const internal = new Date(time ?? +date);
  internal.setUTCSeconds(internal.getUTCSeconds() - Math.round(-tzOffset(date.timeZone, internal) * 60));
  return +internal;
}

class TZDate extends TZDateMini {
  //#region static

  static tz(tz, ...args) {
    return args.length ? new TZDate(...args, tz) : new TZDate(Date.now(), tz);
  }

  //#endregion

  //#region representation

  toISOString() {
    const [sign, hours, minutes] = this.tzComponents();
    const tz = `${sign}${hours}:${minutes}`;
    return this.internal.toISOString().slice(0, -1) + tz;
  }
  toString() {
    // "Tue Aug 13 2024 07:50:19 GMT+0800 (Singapore Standard Time)";
    return `${this.toDateString()} ${this.toTimeString()}`;
  }
  toDateString() {
    // toUTCString returns RFC 7231 ("Mon, 12 Aug 2024 23:36:08 GMT")
    const [day, date, month, year] = this.internal.toUTCString().split(" ");
    // "Tue Aug 13 2024"
    return `${day?.slice(0, -1) /* Remove "," */} ${month} ${date} ${year}`;
  }
  toTimeString() {
    // toUTCString returns RFC 7231 ("Mon, 12 Aug 2024 23:36:08 GMT")
    const time = this.internal.toUTCString().split(" ")[4];
    const [sign, hours, minutes] = this.tzComponents();
    // "07:42:23 GMT+0800 (Singapore Standard Time)"
    return `${time} GMT${sign}${hours}${minutes} (${tzName(this.timeZone, this)})`;
  }
  toLocaleString(locales, options) {
    return Date.prototype.toLocaleString.call(this, locales, {
      ...options,
      timeZone: options?.timeZone || this.timeZone
    });
  }
  toLocaleDateString(locales, options) {
    return Date.prototype.toLocaleDateString.call(this, locales, {
      ...options,
      timeZone: options?.timeZone || this.timeZone
    });
  }
  toLocaleTimeString(locales, options) {
    return Date.prototype.toLocaleTimeString.call(this, locales, {
      ...options,
      timeZone: options?.timeZone || this.timeZone
    });
  }

  //#endregion

  //#region private

  tzComponents() {
    const offset = this.getTimezoneOffset();
    const sign = offset > 0 ? "-" : "+";
    const hours = String(Math.floor(Math.abs(offset) / 60)).padStart(2, "0");
    const minutes = String(Math.abs(offset) % 60).padStart(2, "0");
    return [sign, hours, minutes];
  }

  //#endregion

  withTimeZone(timeZone) {
    return new TZDate(+this, timeZone);
  }

  //#region date-fns integration

  [Symbol.for("constructDateFrom")](date) {
    return new TZDate(+new Date(date), this.timeZone);
  }

  //#endregion
}

/**
 * @module constants
 * @summary Useful constants
 * @description
 * Collection of useful date constants.
 *
 * The constants could be imported from `date-fns/constants`:
 *
 * ```ts
 * import { maxTime, minTime } from "./constants/date-fns/constants";
 *
 * function isAllowedTime(time) {
 *   return time <= maxTime && time >= minTime;
 * }
 * ```
 */


/**
 * @constant
 * @name millisecondsInWeek
 * @summary Milliseconds in 1 week.
 */
const millisecondsInWeek = 604800000;

/**
 * @constant
 * @name millisecondsInDay
 * @summary Milliseconds in 1 day.
 */
const millisecondsInDay = 86400000;

/**
 * @constant
 * @name millisecondsInHour
 * @summary Milliseconds in 1 hour
 */
const millisecondsInHour = 3600000;

/**
 * @constant
 * @name constructFromSymbol
 * @summary Symbol enabling Date extensions to inherit properties from the reference date.
 *
 * The symbol is used to enable the `constructFrom` function to construct a date
 * using a reference date and a value. It allows to transfer extra properties
 * from the reference date to the new date. It's useful for extensions like
 * [`TZDate`](https://github.com/date-fns/tz) that accept a time zone as
 * a constructor argument.
 */
const constructFromSymbol = Symbol.for("constructDateFrom");

/**
 * @name constructFrom
 * @category Generic Helpers
 * @summary Constructs a date using the reference date and the value
 *
 * @description
 * The function constructs a new date using the constructor from the reference
 * date and the given value. It helps to build generic functions that accept
 * date extensions.
 *
 * It defaults to `Date` if the passed reference date is a number or a string.
 *
 * Starting from v3.7.0, it allows to construct a date using `[Symbol.for("constructDateFrom")]`
 * enabling to transfer extra properties from the reference date to the new date.
 * It's useful for extensions like [`TZDate`](https://github.com/date-fns/tz)
 * that accept a time zone as a constructor argument.
 *
 * @typeParam DateType - The `Date` type, the function operates on. Gets inferred from passed arguments. Allows to use extensions like [`UTCDate`](https://github.com/date-fns/utc).
 *
 * @param date - The reference date to take constructor from
 * @param value - The value to create the date
 *
 * @returns Date initialized using the given date and value
 *
 * @example
 * import { constructFrom } from "./constructFrom/date-fns";
 *
 * // A function that clones a date preserving the original type
 * function cloneDate<DateType extends Date>(date: DateType): DateType {
 *   return constructFrom(
 *     date, // Use constructor from the given date
 *     date.getTime() // Use the date value to create a new date
 *   );
 * }
 */
function constructFrom(date, value) {
  if (typeof date === "function") return date(value);

  if (date && typeof date === "object" && constructFromSymbol in date)
    return date[constructFromSymbol](value);

  if (date instanceof Date) return new date.constructor(value);

  return new Date(value);
}

/**
 * @name toDate
 * @category Common Helpers
 * @summary Convert the given argument to an instance of Date.
 *
 * @description
 * Convert the given argument to an instance of Date.
 *
 * If the argument is an instance of Date, the function returns its clone.
 *
 * If the argument is a number, it is treated as a timestamp.
 *
 * If the argument is none of the above, the function returns Invalid Date.
 *
 * Starting from v3.7.0, it clones a date using `[Symbol.for("constructDateFrom")]`
 * enabling to transfer extra properties from the reference date to the new date.
 * It's useful for extensions like [`TZDate`](https://github.com/date-fns/tz)
 * that accept a time zone as a constructor argument.
 *
 * **Note**: *all* Date arguments passed to any *date-fns* function is processed by `toDate`.
 *
 * @typeParam DateType - The `Date` type, the function operates on. Gets inferred from passed arguments. Allows to use extensions like [`UTCDate`](https://github.com/date-fns/utc).
 * @typeParam ResultDate - The result `Date` type, it is the type returned from the context function if it is passed, or inferred from the arguments.
 *
 * @param argument - The value to convert
 *
 * @returns The parsed date in the local time zone
 *
 * @example
 * // Clone the date:
 * const result = toDate(new Date(2014, 1, 11, 11, 30, 30))
 * //=> Tue Feb 11 2014 11:30:30
 *
 * @example
 * // Convert the timestamp to date:
 * const result = toDate(1392098430000)
 * //=> Tue Feb 11 2014 11:30:30
 */
function toDate(argument, context) {
  // [TODO] Get rid of `toDate` or `constructFrom`?
  return constructFrom(context || argument, argument);
}

let defaultOptions = {};

function getDefaultOptions() {
  return defaultOptions;
}

/**
 * The {@link startOfWeek} function options.
 */

/**
 * @name startOfWeek
 * @category Week Helpers
 * @summary Return the start of a week for the given date.
 *
 * @description
 * Return the start of a week for the given date.
 * The result will be in the local timezone.
 *
 * @typeParam DateType - The `Date` type, the function operates on. Gets inferred from passed arguments. Allows to use extensions like [`UTCDate`](https://github.com/date-fns/utc).
 * @typeParam ResultDate - The result `Date` type, it is the type returned from the context function if it is passed, or inferred from the arguments.
 *
 * @param date - The original date
 * @param options - An object with options
 *
 * @returns The start of a week
 *
 * @example
 * // The start of a week for 2 September 2014 11:55:00:
 * const result = startOfWeek(new Date(2014, 8, 2, 11, 55, 0))
 * //=> Sun Aug 31 2014 00:00:00
 *
 * @example
 * // If the week starts on Monday, the start of the week for 2 September 2014 11:55:00:
 * const result = startOfWeek(new Date(2014, 8, 2, 11, 55, 0), { weekStartsOn: 1 })
 * //=> Mon Sep 01 2014 00:00:00
 */
function startOfWeek(date, options) {
  const defaultOptions = getDefaultOptions();
  const weekStartsOn =
    options?.weekStartsOn ??
    options?.locale?.options?.weekStartsOn ??
    defaultOptions.weekStartsOn ??
    defaultOptions.locale?.options?.weekStartsOn ??
    0;

  const _date = toDate(date, options?.in);
  const day = _date.getDay();
  const diff = (day < weekStartsOn ? 7 : 0) + day - weekStartsOn;

  _date.setDate(_date.getDate() - diff);
  _date.setHours(0, 0, 0, 0);
  return _date;
}

/**
 * The {@link startOfISOWeek} function options.
 */

/**
 * @name startOfISOWeek
 * @category ISO Week Helpers
 * @summary Return the start of an ISO week for the given date.
 *
 * @description
 * Return the start of an ISO week for the given date.
 * The result will be in the local timezone.
 *
 * ISO week-numbering year: http://en.wikipedia.org/wiki/ISO_week_date
 *
 * @typeParam DateType - The `Date` type, the function operates on. Gets inferred from passed arguments. Allows to use extensions like [`UTCDate`](https://github.com/date-fns/utc).
 * @typeParam ResultDate - The result `Date` type, it is the type returned from the context function if it is passed, or inferred from the arguments.
 *
 * @param date - The original date
 * @param options - An object with options
 *
 * @returns The start of an ISO week
 *
 * @example
 * // The start of an ISO week for 2 September 2014 11:55:00:
 * const result = startOfISOWeek(new Date(2014, 8, 2, 11, 55, 0))
 * //=> Mon Sep 01 2014 00:00:00
 */
function startOfISOWeek(date, options) {
  return startOfWeek(date, { ...options, weekStartsOn: 1 });
}

/**
 * The {@link getISOWeekYear} function options.
 */

/**
 * @name getISOWeekYear
 * @category ISO Week-Numbering Year Helpers
 * @summary Get the ISO week-numbering year of the given date.
 *
 * @description
 * Get the ISO week-numbering year of the given date,
 * which always starts 3 days before the year's first Thursday.
 *
 * ISO week-numbering year: http://en.wikipedia.org/wiki/ISO_week_date
 *
 * @param date - The given date
 *
 * @returns The ISO week-numbering year
 *
 * @example
 * // Which ISO-week numbering year is 2 January 2005?
 * const result = getISOWeekYear(new Date(2005, 0, 2))
 * //=> 2004
 */
function getISOWeekYear(date, options) {
  const _date = toDate(date, options?.in);
  const year = _date.getFullYear();

  const fourthOfJanuaryOfNextYear = constructFrom(_date, 0);
  fourthOfJanuaryOfNextYear.setFullYear(year + 1, 0, 4);
  fourthOfJanuaryOfNextYear.setHours(0, 0, 0, 0);
  const startOfNextYear = startOfISOWeek(fourthOfJanuaryOfNextYear);

  const fourthOfJanuaryOfThisYear = constructFrom(_date, 0);
  fourthOfJanuaryOfThisYear.setFullYear(year, 0, 4);
  fourthOfJanuaryOfThisYear.setHours(0, 0, 0, 0);
  const startOfThisYear = startOfISOWeek(fourthOfJanuaryOfThisYear);

  if (_date.getTime() >= startOfNextYear.getTime()) {
    return year + 1;
  } else if (_date.getTime() >= startOfThisYear.getTime()) {
    return year;
  } else {
    return year - 1;
  }
}

/**
 * Google Chrome as of 67.0.3396.87 introduced timezones with offset that includes seconds.
 * They usually appear for dates that denote time before the timezones were introduced
 * (e.g. for 'Europe/Prague' timezone the offset is GMT+00:57:44 before 1 October 1891
 * and GMT+01:00:00 after that date)
 *
 * Date#getTimezoneOffset returns the offset in minutes and would return 57 for the example above,
 * which would lead to incorrect calculations.
 *
 * This function returns the timezone offset in milliseconds that takes seconds in account.
 */
function getTimezoneOffsetInMilliseconds(date) {
  const _date = toDate(date);
  const utcDate = new Date(
    Date.UTC(
      _date.getFullYear(),
      _date.getMonth(),
      _date.getDate(),
      _date.getHours(),
      _date.getMinutes(),
      _date.getSeconds(),
      _date.getMilliseconds(),
    ),
  );
  utcDate.setUTCFullYear(_date.getFullYear());
  return +date - +utcDate;
}

function normalizeDates(context, ...dates) {
  const normalize = constructFrom.bind(
    null,
    dates.find((date) => typeof date === "object"),
  );
  return dates.map(normalize);
}

/**
 * The {@link startOfDay} function options.
 */

/**
 * @name startOfDay
 * @category Day Helpers
 * @summary Return the start of a day for the given date.
 *
 * @description
 * Return the start of a day for the given date.
 * The result will be in the local timezone.
 *
 * @typeParam DateType - The `Date` type, the function operates on. Gets inferred from passed arguments. Allows to use extensions like [`UTCDate`](https://github.com/date-fns/utc).
 * @typeParam ResultDate - The result `Date` type, it is the type returned from the context function if it is passed, or inferred from the arguments.
 *
 * @param date - The original date
 * @param options - The options
 *
 * @returns The start of a day
 *
 * @example
 * // The start of a day for 2 September 2014 11:55:00:
 * const result = startOfDay(new Date(2014, 8, 2, 11, 55, 0))
 * //=> Tue Sep 02 2014 00:00:00
 */
function startOfDay(date, options) {
  const _date = toDate(date, options?.in);
  _date.setHours(0, 0, 0, 0);
  return _date;
}

/**
 * The {@link differenceInCalendarDays} function options.
 */

/**
 * @name differenceInCalendarDays
 * @category Day Helpers
 * @summary Get the number of calendar days between the given dates.
 *
 * @description
 * Get the number of calendar days between the given dates. This means that the times are removed
 * from the dates and then the difference in days is calculated.
 *
 * @param laterDate - The later date
 * @param earlierDate - The earlier date
 * @param options - The options object
 *
 * @returns The number of calendar days
 *
 * @example
 * // How many calendar days are between
 * // 2 July 2011 23:00:00 and 2 July 2012 00:00:00?
 * const result = differenceInCalendarDays(
 *   new Date(2012, 6, 2, 0, 0),
 *   new Date(2011, 6, 2, 23, 0)
 * )
 * //=> 366
 * // How many calendar days are between
 * // 2 July 2011 23:59:00 and 3 July 2011 00:01:00?
 * const result = differenceInCalendarDays(
 *   new Date(2011, 6, 3, 0, 1),
 *   new Date(2011, 6, 2, 23, 59)
 * )
 * //=> 1
 */
function differenceInCalendarDays(laterDate, earlierDate, options) {
  const [laterDate_, earlierDate_] = normalizeDates(
    options?.in,
    laterDate,
    earlierDate,
  );

  const laterStartOfDay = startOfDay(laterDate_);
  const earlierStartOfDay = startOfDay(earlierDate_);

  const laterTimestamp =
    +laterStartOfDay - getTimezoneOffsetInMilliseconds(laterStartOfDay);
  const earlierTimestamp =
    +earlierStartOfDay - getTimezoneOffsetInMilliseconds(earlierStartOfDay);

  // Round the number of days to the nearest integer because the number of
  // milliseconds in a day is not constant (e.g. it's different in the week of
  // the daylight saving time clock shift).
  return Math.round((laterTimestamp - earlierTimestamp) / millisecondsInDay);
}

/**
 * The {@link startOfISOWeekYear} function options.
 */

/**
 * @name startOfISOWeekYear
 * @category ISO Week-Numbering Year Helpers
 * @summary Return the start of an ISO week-numbering year for the given date.
 *
 * @description
 * Return the start of an ISO week-numbering year,
 * which always starts 3 days before the year's first Thursday.
 * The result will be in the local timezone.
 *
 * ISO week-numbering year: http://en.wikipedia.org/wiki/ISO_week_date
 *
 * @typeParam DateType - The `Date` type, the function operates on. Gets inferred from passed arguments. Allows to use extensions like [`UTCDate`](https://github.com/date-fns/utc).
 * @typeParam ResultDate - The result `Date` type, it is the type returned from the context function if it is passed, or inferred from the arguments.
 *
 * @param date - The original date
 * @param options - An object with options
 *
 * @returns The start of an ISO week-numbering year
 *
 * @example
 * // The start of an ISO week-numbering year for 2 July 2005:
 * const result = startOfISOWeekYear(new Date(2005, 6, 2))
 * //=> Mon Jan 03 2005 00:00:00
 */
function startOfISOWeekYear(date, options) {
  const year = getISOWeekYear(date, options);
  const fourthOfJanuary = constructFrom(date, 0);
  fourthOfJanuary.setFullYear(year, 0, 4);
  fourthOfJanuary.setHours(0, 0, 0, 0);
  return startOfISOWeek(fourthOfJanuary);
}

/**
 * @name isDate
 * @category Common Helpers
 * @summary Is the given value a date?
 *
 * @description
 * Returns true if the given value is an instance of Date. The function works for dates transferred across iframes.
 *
 * @param value - The value to check
 *
 * @returns True if the given value is a date
 *
 * @example
 * // For a valid date:
 * const result = isDate(new Date())
 * //=> true
 *
 * @example
 * // For an invalid date:
 * const result = isDate(new Date(NaN))
 * //=> true
 *
 * @example
 * // For some value:
 * const result = isDate('2014-02-31')
 * //=> false
 *
 * @example
 * // For an object:
 * const result = isDate({})
 * //=> false
 */
function isDate(value) {
  return (
    value instanceof Date ||
    (typeof value === "object" &&
      Object.prototype.toString.call(value) === "[object Date]")
  );
}

/**
 * @name isValid
 * @category Common Helpers
 * @summary Is the given date valid?
 *
 * @description
 * Returns false if argument is Invalid Date and true otherwise.
 * Argument is converted to Date using `toDate`. See [toDate](https://date-fns.org/docs/toDate)
 * Invalid Date is a Date, whose time value is NaN.
 *
 * Time value of Date: http://es5.github.io/#x15.9.1.1
 *
 * @param date - The date to check
 *
 * @returns The date is valid
 *
 * @example
 * // For the valid date:
 * const result = isValid(new Date(2014, 1, 31))
 * //=> true
 *
 * @example
 * // For the value, convertible into a date:
 * const result = isValid(1393804800000)
 * //=> true
 *
 * @example
 * // For the invalid date:
 * const result = isValid(new Date(''))
 * //=> false
 */
function isValid(date) {
  return !((!isDate(date) && typeof date !== "number") || isNaN(+toDate(date)));
}

/**
 * The {@link startOfYear} function options.
 */

/**
 * @name startOfYear
 * @category Year Helpers
 * @summary Return the start of a year for the given date.
 *
 * @description
 * Return the start of a year for the given date.
 * The result will be in the local timezone.
 *
 * @typeParam DateType - The `Date` type, the function operates on. Gets inferred from passed arguments. Allows to use extensions like [`UTCDate`](https://github.com/date-fns/utc).
 * @typeParam ResultDate - The result `Date` type, it is the type returned from the context function if it is passed, or inferred from the arguments.
 *
 * @param date - The original date
 * @param options - The options
 *
 * @returns The start of a year
 *
 * @example
 * // The start of a year for 2 September 2014 11:55:00:
 * const result = startOfYear(new Date(2014, 8, 2, 11, 55, 00))
 * //=> Wed Jan 01 2014 00:00:00
 */
function startOfYear(date, options) {
  const date_ = toDate(date, options?.in);
  date_.setFullYear(date_.getFullYear(), 0, 1);
  date_.setHours(0, 0, 0, 0);
  return date_;
}

const formatDistanceLocale = {
  lessThanXSeconds: {
    one: "less than a second",
    other: "less than {{count}} seconds",
  },

  xSeconds: {
    one: "1 second",
    other: "{{count}} seconds",
  },

  halfAMinute: "half a minute",

  lessThanXMinutes: {
    one: "less than a minute",
    other: "less than {{count}} minutes",
  },

  xMinutes: {
    one: "1 minute",
    other: "{{count}} minutes",
  },

  aboutXHours: {
    one: "about 1 hour",
    other: "about {{count}} hours",
  },

  xHours: {
    one: "1 hour",
    other: "{{count}} hours",
  },

  xDays: {
    one: "1 day",
    other: "{{count}} days",
  },

  aboutXWeeks: {
    one: "about 1 week",
    other: "about {{count}} weeks",
  },

  xWeeks: {
    one: "1 week",
    other: "{{count}} weeks",
  },

  aboutXMonths: {
    one: "about 1 month",
    other: "about {{count}} months",
  },

  xMonths: {
    one: "1 month",
    other: "{{count}} months",
  },

  aboutXYears: {
    one: "about 1 year",
    other: "about {{count}} years",
  },

  xYears: {
    one: "1 year",
    other: "{{count}} years",
  },

  overXYears: {
    one: "over 1 year",
    other: "over {{count}} years",
  },

  almostXYears: {
    one: "almost 1 year",
    other: "almost {{count}} years",
  },
};

const formatDistance = (token, count, options) => {
  let result;

  const tokenValue = formatDistanceLocale[token];
  if (typeof tokenValue === "string") {
    result = tokenValue;
  } else if (count === 1) {
    result = tokenValue.one;
  } else {
    result = tokenValue.other.replace("{{count}}", count.toString());
  }

  if (options?.addSuffix) {
    if (options.comparison && options.comparison > 0) {
      return "in " + result;
    } else {
      return result + " ago";
    }
  }

  return result;
};

function buildFormatLongFn(args) {
  return (options = {}) => {
    // TODO: Remove String()
    const width = options.width ? String(options.width) : args.defaultWidth;
    const format = args.formats[width] || args.formats[args.defaultWidth];
    return format;
  };
}

const dateFormats = {
  full: "EEEE, MMMM do, y",
  long: "MMMM do, y",
  medium: "MMM d, y",
  short: "MM/dd/yyyy",
};

const timeFormats = {
  full: "h:mm:ss a zzzz",
  long: "h:mm:ss a z",
  medium: "h:mm:ss a",
  short: "h:mm a",
};

const dateTimeFormats = {
  full: "{{date}} 'at' {{time}}",
  long: "{{date}} 'at' {{time}}",
  medium: "{{date}}, {{time}}",
  short: "{{date}}, {{time}}",
};

const formatLong = {
  date: buildFormatLongFn({
    formats: dateFormats,
    defaultWidth: "full",
  }),

  time: buildFormatLongFn({
    formats: timeFormats,
    defaultWidth: "full",
  }),

  dateTime: buildFormatLongFn({
    formats: dateTimeFormats,
    defaultWidth: "full",
  }),
};

const formatRelativeLocale = {
  lastWeek: "'last' eeee 'at' p",
  yesterday: "'yesterday at' p",
  today: "'today at' p",
  tomorrow: "'tomorrow at' p",
  nextWeek: "eeee 'at' p",
  other: "P",
};

const formatRelative = (token, _date, _baseDate, _options) =>
  formatRelativeLocale[token];

/**
 * The localize function argument callback which allows to convert raw value to
 * the actual type.
 *
 * @param value - The value to convert
 *
 * @returns The converted value
 */

/**
 * The map of localized values for each width.
 */

/**
 * The index type of the locale unit value. It types conversion of units of
 * values that don't start at 0 (i.e. quarters).
 */

/**
 * Converts the unit value to the tuple of values.
 */

/**
 * The tuple of localized era values. The first element represents BC,
 * the second element represents AD.
 */

/**
 * The tuple of localized quarter values. The first element represents Q1.
 */

/**
 * The tuple of localized day values. The first element represents Sunday.
 */

/**
 * The tuple of localized month values. The first element represents January.
 */

function buildLocalizeFn(args) {
  return (value, options) => {
    const context = options?.context ? String(options.context) : "standalone";

    let valuesArray;
    if (context === "formatting" && args.formattingValues) {
      const defaultWidth = args.defaultFormattingWidth || args.defaultWidth;
      const width = options?.width ? String(options.width) : defaultWidth;

      valuesArray =
        args.formattingValues[width] || args.formattingValues[defaultWidth];
    } else {
      const defaultWidth = args.defaultWidth;
      const width = options?.width ? String(options.width) : args.defaultWidth;

      valuesArray = args.values[width] || args.values[defaultWidth];
    }
    const index = args.argumentCallback ? args.argumentCallback(value) : value;

    // @ts-expect-error - For some reason TypeScript just don't want to match it, no matter how hard we try. I challenge you to try to remove it!
    return valuesArray[index];
  };
}

const eraValues = {
  narrow: ["B", "A"],
  abbreviated: ["BC", "AD"],
  wide: ["Before Christ", "Anno Domini"],
};

const quarterValues = {
  narrow: ["1", "2", "3", "4"],
  abbreviated: ["Q1", "Q2", "Q3", "Q4"],
  wide: ["1st quarter", "2nd quarter", "3rd quarter", "4th quarter"],
};

// Note: in English, the names of days of the week and months are capitalized.
// If you are making a new locale based on this one, check if the same is true for the language you're working on.
// Generally, formatted dates should look like they are in the middle of a sentence,
// e.g. in Spanish language the weekdays and months should be in the lowercase.
const monthValues = {
  narrow: ["J", "F", "M", "A", "M", "J", "J", "A", "S", "O", "N", "D"],
  abbreviated: [
    "Jan",
    "Feb",
    "Mar",
    "Apr",
    "May",
    "Jun",
    "Jul",
    "Aug",
    "Sep",
    "Oct",
    "Nov",
    "Dec",
  ],

  wide: [
    "January",
    "February",
    "March",
    "April",
    "May",
    "June",
    "July",
    "August",
    "September",
    "October",
    "November",
    "December",
  ],
};

const dayValues = {
  narrow: ["S", "M", "T", "W", "T", "F", "S"],
  short: ["Su", "Mo", "Tu", "We", "Th", "Fr", "Sa"],
  abbreviated: ["Sun", "Mon", "Tue", "Wed", "Thu", "Fri", "Sat"],
  wide: [
    "Sunday",
    "Monday",
    "Tuesday",
    "Wednesday",
    "Thursday",
    "Friday",
    "Saturday",
  ],
};

const dayPeriodValues = {
  narrow: {
    am: "a",
    pm: "p",
    midnight: "mi",
    noon: "n",
    morning: "morning",
    afternoon: "afternoon",
    evening: "evening",
    night: "night",
  },
  abbreviated: {
    am: "AM",
    pm: "PM",
    midnight: "midnight",
    noon: "noon",
    morning: "morning",
    afternoon: "afternoon",
    evening: "evening",
    night: "night",
  },
  wide: {
    am: "a.m.",
    pm: "p.m.",
    midnight: "midnight",
    noon: "noon",
    morning: "morning",
    afternoon: "afternoon",
    evening: "evening",
    night: "night",
  },
};

const formattingDayPeriodValues = {
  narrow: {
    am: "a",
    pm: "p",
    midnight: "mi",
    noon: "n",
    morning: "in the morning",
    afternoon: "in the afternoon",
    evening: "in the evening",
    night: "at night",
  },
  abbreviated: {
    am: "AM",
    pm: "PM",
    midnight: "midnight",
    noon: "noon",
    morning: "in the morning",
    afternoon: "in the afternoon",
    evening: "in the evening",
    night: "at night",
  },
  wide: {
    am: "a.m.",
    pm: "p.m.",
    midnight: "midnight",
    noon: "noon",
    morning: "in the morning",
    afternoon: "in the afternoon",
    evening: "in the evening",
    night: "at night",
  },
};

const ordinalNumber = (dirtyNumber, _options) => {
  const number = Number(dirtyNumber);

  // If ordinal numbers depend on context, for example,
  // if they are different for different grammatical genders,
  // use `options.unit`.
  //
  // `unit` can be 'year', 'quarter', 'month', 'week', 'date', 'dayOfYear',
  // 'day', 'hour', 'minute', 'second'.

  const rem100 = number % 100;
  if (rem100 > 20 || rem100 < 10) {
    switch (rem100 % 10) {
      case 1:
        return number + "st";
      case 2:
        return number + "nd";
      case 3:
        return number + "rd";
    }
  }
  return number + "th";
};

const localize = {
  ordinalNumber,

  era: buildLocalizeFn({
    values: eraValues,
    defaultWidth: "wide",
  }),

  quarter: buildLocalizeFn({
    values: quarterValues,
    defaultWidth: "wide",
    argumentCallback: (quarter) => quarter - 1,
  }),

  month: buildLocalizeFn({
    values: monthValues,
    defaultWidth: "wide",
  }),

  day: buildLocalizeFn({
    values: dayValues,
    defaultWidth: "wide",
  }),

  dayPeriod: buildLocalizeFn({
    values: dayPeriodValues,
    defaultWidth: "wide",
    formattingValues: formattingDayPeriodValues,
    defaultFormattingWidth: "wide",
  }),
};

function buildMatchFn(args) {
  return (string, options = {}) => {
    const width = options.width;

    const matchPattern =
      (width && args.matchPatterns[width]) ||
      args.matchPatterns[args.defaultMatchWidth];
    const matchResult = string.match(matchPattern);

    if (!matchResult) {
      return null;
    }
    const matchedString = matchResult[0];

    const parsePatterns =
      (width && args.parsePatterns[width]) ||
      args.parsePatterns[args.defaultParseWidth];

    const key = Array.isArray(parsePatterns)
      ? findIndex(parsePatterns, (pattern) => pattern.test(matchedString))
      : // [TODO] -- I challenge you to fix the type
        findKey(parsePatterns, (pattern) => pattern.test(matchedString));

    let value;

    value = args.valueCallback ? args.valueCallback(key) : key;
    value = options.valueCallback
      ? // [TODO] -- I challenge you to fix the type
        options.valueCallback(value)
      : value;

    const rest = string.slice(matchedString.length);

    return { value, rest };
  };
}

function findKey(object, predicate) {
  for (const key in object) {
    if (
      Object.prototype.hasOwnProperty.call(object, key) &&
      predicate(object[key])
    ) {
      return key;
    }
  }
  return undefined;
}

function findIndex(array, predicate) {
  for (let key = 0; key < array.length; key++) {
    if (predicate(array[key])) {
      return key;
    }
  }
  return undefined;
}

function buildMatchPatternFn(args) {
  return (string, options = {}) => {
    const matchResult = string.match(args.matchPattern);
    if (!matchResult) return null;
    const matchedString = matchResult[0];

    const parseResult = string.match(args.parsePattern);
    if (!parseResult) return null;
    let value = args.valueCallback
      ? args.valueCallback(parseResult[0])
      : parseResult[0];

    // [TODO] I challenge you to fix the type
    value = options.valueCallback ? options.valueCallback(value) : value;

    const rest = string.slice(matchedString.length);

    return { value, rest };
  };
}

const matchOrdinalNumberPattern = /^(\d+)(th|st|nd|rd)?/i;
const parseOrdinalNumberPattern = /\d+/i;

const matchEraPatterns = {
  narrow: /^(b|a)/i,
  abbreviated: /^(b\.?\s?c\.?|b\.?\s?c\.?\s?e\.?|a\.?\s?d\.?|c\.?\s?e\.?)/i,
  wide: /^(before christ|before common era|anno domini|common era)/i,
};
const parseEraPatterns = {
  any: [/^b/i, /^(a|c)/i],
};

const matchQuarterPatterns = {
  narrow: /^[1234]/i,
  abbreviated: /^q[1234]/i,
  wide: /^[1234](th|st|nd|rd)? quarter/i,
};
const parseQuarterPatterns = {
  any: [/1/i, /2/i, /3/i, /4/i],
};

const matchMonthPatterns = {
  narrow: /^[jfmasond]/i,
  abbreviated: /^(jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)/i,
  wide: /^(january|february|march|april|may|june|july|august|september|october|november|december)/i,
};
const parseMonthPatterns = {
  narrow: [
    /^j/i,
    /^f/i,
    /^m/i,
    /^a/i,
    /^m/i,
    /^j/i,
    /^j/i,
    /^a/i,
    /^s/i,
    /^o/i,
    /^n/i,
    /^d/i,
  ],

  any: [
    /^ja/i,
    /^f/i,
    /^mar/i,
    /^ap/i,
    /^may/i,
    /^jun/i,
    /^jul/i,
    /^au/i,
    /^s/i,
    /^o/i,
    /^n/i,
    /^d/i,
  ],
};

const matchDayPatterns = {
  narrow: /^[smtwf]/i,
  short: /^(su|mo|tu|we|th|fr|sa)/i,
  abbreviated: /^(sun|mon|tue|wed|thu|fri|sat)/i,
  wide: /^(sunday|monday|tuesday|wednesday|thursday|friday|saturday)/i,
};
const parseDayPatterns = {
  narrow: [/^s/i, /^m/i, /^t/i, /^w/i, /^t/i, /^f/i, /^s/i],
  any: [/^su/i, /^m/i, /^tu/i, /^w/i, /^th/i, /^f/i, /^sa/i],
};

const matchDayPeriodPatterns = {
  narrow: /^(a|p|mi|n|(in the|at) (morning|afternoon|evening|night))/i,
  any: /^([ap]\.?\s?m\.?|midnight|noon|(in the|at) (morning|afternoon|evening|night))/i,
};
const parseDayPeriodPatterns = {
  any: {
    am: /^a/i,
    pm: /^p/i,
    midnight: /^mi/i,
    noon: /^no/i,
    morning: /morning/i,
    afternoon: /afternoon/i,
    evening: /evening/i,
    night: /night/i,
  },
};

const match = {
  ordinalNumber: buildMatchPatternFn({
    matchPattern: matchOrdinalNumberPattern,
    parsePattern: parseOrdinalNumberPattern,
    valueCallback: (value) => parseInt(value, 10),
  }),

  era: buildMatchFn({
    matchPatterns: matchEraPatterns,
    defaultMatchWidth: "wide",
    parsePatterns: parseEraPatterns,
    defaultParseWidth: "any",
  }),

  quarter: buildMatchFn({
    matchPatterns: matchQuarterPatterns,
    defaultMatchWidth: "wide",
    parsePatterns: parseQuarterPatterns,
    defaultParseWidth: "any",
    valueCallback: (index) => index + 1,
  }),

  month: buildMatchFn({
    matchPatterns: matchMonthPatterns,
    defaultMatchWidth: "wide",
    parsePatterns: parseMonthPatterns,
    defaultParseWidth: "any",
  }),

  day: buildMatchFn({
    matchPatterns: matchDayPatterns,
    defaultMatchWidth: "wide",
    parsePatterns: parseDayPatterns,
    defaultParseWidth: "any",
  }),

  dayPeriod: buildMatchFn({
    matchPatterns: matchDayPeriodPatterns,
    defaultMatchWidth: "any",
    parsePatterns: parseDayPeriodPatterns,
    defaultParseWidth: "any",
  }),
};

/**
 * @category Locales
 * @summary English locale (United States).
 * @language English
 * @iso-639-2 eng
 * @author Sasha Koss [@kossnocorp](https://github.com/kossnocorp)
 * @author Lesha Koss [@leshakoss](https://github.com/leshakoss)
 */
const enUS = {
  code: "en-US",
  formatDistance: formatDistance,
  formatLong: formatLong,
  formatRelative: formatRelative,
  localize: localize,
  match: match,
  options: {
    weekStartsOn: 0 /* Sunday */,
    firstWeekContainsDate: 1,
  },
};

/**
 * The {@link getDayOfYear} function options.
 */

/**
 * @name getDayOfYear
 * @category Day Helpers
 * @summary Get the day of the year of the given date.
 *
 * @description
 * Get the day of the year of the given date.
 *
 * @param date - The given date
 * @param options - The options
 *
 * @returns The day of year
 *
 * @example
 * // Which day of the year is 2 July 2014?
 * const result = getDayOfYear(new Date(2014, 6, 2))
 * //=> 183
 */
function getDayOfYear(date, options) {
  const _date = toDate(date, options?.in);
  const diff = differenceInCalendarDays(_date, startOfYear(_date));
  const dayOfYear = diff + 1;
  return dayOfYear;
}

/**
 * The {@link getISOWeek} function options.
 */

/**
 * @name getISOWeek
 * @category ISO Week Helpers
 * @summary Get the ISO week of the given date.
 *
 * @description
 * Get the ISO week of the given date.
 *
 * ISO week-numbering year: http://en.wikipedia.org/wiki/ISO_week_date
 *
 * @param date - The given date
 * @param options - The options
 *
 * @returns The ISO week
 *
 * @example
 * // Which week of the ISO-week numbering year is 2 January 2005?
 * const result = getISOWeek(new Date(2005, 0, 2))
 * //=> 53
 */
function getISOWeek(date, options) {
  const _date = toDate(date, options?.in);
  const diff = +startOfISOWeek(_date) - +startOfISOWeekYear(_date);

  // Round the number of weeks to the nearest integer because the number of
  // milliseconds in a week is not constant (e.g. it's different in the week of
  // the daylight saving time clock shift).
  return Math.round(diff / millisecondsInWeek) + 1;
}

/**
 * The {@link getWeekYear} function options.
 */

/**
 * @name getWeekYear
 * @category Week-Numbering Year Helpers
 * @summary Get the local week-numbering year of the given date.
 *
 * @description
 * Get the local week-numbering year of the given date.
 * The exact calculation depends on the values of
 * `options.weekStartsOn` (which is the index of the first day of the week)
 * and `options.firstWeekContainsDate` (which is the day of January, which is always in
 * the first week of the week-numbering year)
 *
 * Week numbering: https://en.wikipedia.org/wiki/Week#The_ISO_week_date_system
 *
 * @param date - The given date
 * @param options - An object with options.
 *
 * @returns The local week-numbering year
 *
 * @example
 * // Which week numbering year is 26 December 2004 with the default settings?
 * const result = getWeekYear(new Date(2004, 11, 26))
 * //=> 2005
 *
 * @example
 * // Which week numbering year is 26 December 2004 if week starts on Saturday?
 * const result = getWeekYear(new Date(2004, 11, 26), { weekStartsOn: 6 })
 * //=> 2004
 *
 * @example
 * // Which week numbering year is 26 December 2004 if the first week contains 4 January?
 * const result = getWeekYear(new Date(2004, 11, 26), { firstWeekContainsDate: 4 })
 * //=> 2004
 */
function getWeekYear(date, options) {
  const _date = toDate(date, options?.in);
  const year = _date.getFullYear();

  const defaultOptions = getDefaultOptions();
  const firstWeekContainsDate =
    options?.firstWeekContainsDate ??
    options?.locale?.options?.firstWeekContainsDate ??
    defaultOptions.firstWeekContainsDate ??
    defaultOptions.locale?.options?.firstWeekContainsDate ??
    1;

  const firstWeekOfNextYear = constructFrom(options?.in || date, 0);
  firstWeekOfNextYear.setFullYear(year + 1, 0, firstWeekContainsDate);
  firstWeekOfNextYear.setHours(0, 0, 0, 0);
  const startOfNextYear = startOfWeek(firstWeekOfNextYear, options);

  const firstWeekOfThisYear = constructFrom(options?.in || date, 0);
  firstWeekOfThisYear.setFullYear(year, 0, firstWeekContainsDate);
  firstWeekOfThisYear.setHours(0, 0, 0, 0);
  const startOfThisYear = startOfWeek(firstWeekOfThisYear, options);

  if (+_date >= +startOfNextYear) {
    return year + 1;
  } else if (+_date >= +startOfThisYear) {
    return year;
  } else {
    return year - 1;
  }
}

/**
 * The {@link startOfWeekYear} function options.
 */

/**
 * @name startOfWeekYear
 * @category Week-Numbering Year Helpers
 * @summary Return the start of a local week-numbering year for the given date.
 *
 * @description
 * Return the start of a local week-numbering year.
 * The exact calculation depends on the values of
 * `options.weekStartsOn` (which is the index of the first day of the week)
 * and `options.firstWeekContainsDate` (which is the day of January, which is always in
 * the first week of the week-numbering year)
 *
 * Week numbering: https://en.wikipedia.org/wiki/Week#The_ISO_week_date_system
 *
 * @typeParam DateType - The `Date` type, the function operates on. Gets inferred from passed arguments. Allows to use extensions like [`UTCDate`](https://github.com/date-fns/utc).
 * @typeParam ResultDate - The result `Date` type.
 *
 * @param date - The original date
 * @param options - An object with options
 *
 * @returns The start of a week-numbering year
 *
 * @example
 * // The start of an a week-numbering year for 2 July 2005 with default settings:
 * const result = startOfWeekYear(new Date(2005, 6, 2))
 * //=> Sun Dec 26 2004 00:00:00
 *
 * @example
 * // The start of a week-numbering year for 2 July 2005
 * // if Monday is the first day of week
 * // and 4 January is always in the first week of the year:
 * const result = startOfWeekYear(new Date(2005, 6, 2), {
 *   weekStartsOn: 1,
 *   firstWeekContainsDate: 4
 * })
 * //=> Mon Jan 03 2005 00:00:00
 */
function startOfWeekYear(date, options) {
  const defaultOptions = getDefaultOptions();
  const firstWeekContainsDate =
    options?.firstWeekContainsDate ??
    options?.locale?.options?.firstWeekContainsDate ??
    defaultOptions.firstWeekContainsDate ??
    defaultOptions.locale?.options?.firstWeekContainsDate ??
    1;

  const year = getWeekYear(date, options);
  const firstWeek = constructFrom(options?.in || date, 0);
  firstWeek.setFullYear(year, 0, firstWeekContainsDate);
  firstWeek.setHours(0, 0, 0, 0);
  const _date = startOfWeek(firstWeek, options);
  return _date;
}

/**
 * The {@link getWeek} function options.
 */

/**
 * @name getWeek
 * @category Week Helpers
 * @summary Get the local week index of the given date.
 *
 * @description
 * Get the local week index of the given date.
 * The exact calculation depends on the values of
 * `options.weekStartsOn` (which is the index of the first day of the week)
 * and `options.firstWeekContainsDate` (which is the day of January, which is always in
 * the first week of the week-numbering year)
 *
 * Week numbering: https://en.wikipedia.org/wiki/Week#The_ISO_week_date_system
 *
 * @param date - The given date
 * @param options - An object with options
 *
 * @returns The week
 *
 * @example
 * // Which week of the local week numbering year is 2 January 2005 with default options?
 * const result = getWeek(new Date(2005, 0, 2))
 * //=> 2
 *
 * @example
 * // Which week of the local week numbering year is 2 January 2005,
 * // if Monday is the first day of the week,
 * // and the first week of the year always contains 4 January?
 * const result = getWeek(new Date(2005, 0, 2), {
 *   weekStartsOn: 1,
 *   firstWeekContainsDate: 4
 * })
 * //=> 53
 */
function getWeek(date, options) {
  const _date = toDate(date, options?.in);
  const diff = +startOfWeek(_date, options) - +startOfWeekYear(_date, options);

  // Round the number of weeks to the nearest integer because the number of
  // milliseconds in a week is not constant (e.g. it's different in the week of
  // the daylight saving time clock shift).
  return Math.round(diff / millisecondsInWeek) + 1;
}

function addLeadingZeros(number, targetLength) {
  const sign = number < 0 ? "-" : "";
  const output = Math.abs(number).toString().padStart(targetLength, "0");
  return sign + output;
}

/*
 * |     | Unit                           |     | Unit                           |
 * |-----|--------------------------------|-----|--------------------------------|
 * |  a  | AM, PM                         |  A* |                                |
 * |  d  | Day of month                   |  D  |                                |
 * |  h  | Hour [1-12]                    |  H  | Hour [0-23]                    |
 * |  m  | Minute                         |  M  | Month                          |
 * |  s  | Second                         |  S  | Fraction of second             |
 * |  y  | Year (abs)                     |  Y  |                                |
 *
 * Letters marked by * are not implemented but reserved by Unicode standard.
 */

const lightFormatters = {
  // Year
  y(date, token) {
    // From http://www.unicode.org/reports/tr35/tr35-31/tr35-dates.html#Date_Format_tokens
    // | Year     |     y | yy |   yyy |  yyyy | yyyyy |
    // |----------|-------|----|-------|-------|-------|
    // | AD 1     |     1 | 01 |   001 |  0001 | 00001 |
    // | AD 12    |    12 | 12 |   012 |  0012 | 00012 |
    // | AD 123   |   123 | 23 |   123 |  0123 | 00123 |
    // | AD 1234  |  1234 | 34 |  1234 |  1234 | 01234 |
    // | AD 12345 | 12345 | 45 | 12345 | 12345 | 12345 |

    const signedYear = date.getFullYear();
    // Returns 1 for 1 BC (which is year 0 in JavaScript)
    const year = signedYear > 0 ? signedYear : 1 - signedYear;
    return addLeadingZeros(token === "yy" ? year % 100 : year, token.length);
  },

  // Month
  M(date, token) {
    const month = date.getMonth();
    return token === "M" ? String(month + 1) : addLeadingZeros(month + 1, 2);
  },

  // Day of the month
  d(date, token) {
    return addLeadingZeros(date.getDate(), token.length);
  },

  // AM or PM
  a(date, token) {
    const dayPeriodEnumValue = date.getHours() / 12 >= 1 ? "pm" : "am";

    switch (token) {
      case "a":
      case "aa":
        return dayPeriodEnumValue.toUpperCase();
      case "aaa":
        return dayPeriodEnumValue;
      case "aaaaa":
        return dayPeriodEnumValue[0];
      case "aaaa":
      default:
        return dayPeriodEnumValue === "am" ? "a.m." : "p.m.";
    }
  },

  // Hour [1-12]
  h(date, token) {
    return addLeadingZeros(date.getHours() % 12 || 12, token.length);
  },

  // Hour [0-23]
  H(date, token) {
    return addLeadingZeros(date.getHours(), token.length);
  },

  // Minute
  m(date, token) {
    return addLeadingZeros(date.getMinutes(), token.length);
  },

  // Second
  s(date, token) {
    return addLeadingZeros(date.getSeconds(), token.length);
  },

  // Fraction of second
  S(date, token) {
    const numberOfDigits = token.length;
    const milliseconds = date.getMilliseconds();
    const fractionalSeconds = Math.trunc(
      milliseconds * Math.pow(10, numberOfDigits - 3),
    );
    return addLeadingZeros(fractionalSeconds, token.length);
  },
};

const dayPeriodEnum = {
  midnight: "midnight",
  noon: "noon",
  morning: "morning",
  afternoon: "afternoon",
  evening: "evening",
  night: "night",
};

/*
 * |     | Unit                           |     | Unit                           |
 * |-----|--------------------------------|-----|--------------------------------|
 * |  a  | AM, PM                         |  A* | Milliseconds in day            |
 * |  b  | AM, PM, noon, midnight         |  B  | Flexible day period            |
 * |  c  | Stand-alone local day of week  |  C* | Localized hour w/ day period   |
 * |  d  | Day of month                   |  D  | Day of year                    |
 * |  e  | Local day of week              |  E  | Day of week                    |
 * |  f  |                                |  F* | Day of week in month           |
 * |  g* | Modified Julian day            |  G  | Era                            |
 * |  h  | Hour [1-12]                    |  H  | Hour [0-23]                    |
 * |  i! | ISO day of week                |  I! | ISO week of year               |
 * |  j* | Localized hour w/ day period   |  J* | Localized hour w/o day period  |
 * |  k  | Hour [1-24]                    |  K  | Hour [0-11]                    |
 * |  l* | (deprecated)                   |  L  | Stand-alone month              |
 * |  m  | Minute                         |  M  | Month                          |
 * |  n  |                                |  N  |                                |
 * |  o! | Ordinal number modifier        |  O  | Timezone (GMT)                 |
 * |  p! | Long localized time            |  P! | Long localized date            |
 * |  q  | Stand-alone quarter            |  Q  | Quarter                        |
 * |  r* | Related Gregorian year         |  R! | ISO week-numbering year        |
 * |  s  | Second                         |  S  | Fraction of second             |
 * |  t! | Seconds timestamp              |  T! | Milliseconds timestamp         |
 * |  u  | Extended year                  |  U* | Cyclic year                    |
 * |  v* | Timezone (generic non-locat.)  |  V* | Timezone (location)            |
 * |  w  | Local week of year             |  W* | Week of month                  |
 * |  x  | Timezone (ISO-8601 w/o Z)      |  X  | Timezone (ISO-8601)            |
 * |  y  | Year (abs)                     |  Y  | Local week-numbering year      |
 * |  z  | Timezone (specific non-locat.) |  Z* | Timezone (aliases)             |
 *
 * Letters marked by * are not implemented but reserved by Unicode standard.
 *
 * Letters marked by ! are non-standard, but implemented by date-fns:
 * - `o` modifies the previous token to turn it into an ordinal (see `format` docs)
 * - `i` is ISO day of week. For `i` and `ii` is returns numeric ISO week days,
 *   i.e. 7 for Sunday, 1 for Monday, etc.
 * - `I` is ISO week of year, as opposed to `w` which is local week of year.
 * - `R` is ISO week-numbering year, as opposed to `Y` which is local week-numbering year.
 *   `R` is supposed to be used in conjunction with `I` and `i`
 *   for universal ISO week-numbering date, whereas
 *   `Y` is supposed to be used in conjunction with `w` and `e`
 *   for week-numbering date specific to the locale.
 * - `P` is long localized date format
 * - `p` is long localized time format
 */

const formatters = {
  // Era
  G: function (date, token, localize) {
    const era = date.getFullYear() > 0 ? 1 : 0;
    switch (token) {
      // AD, BC
      case "G":
      case "GG":
      case "GGG":
        return localize.era(era, { width: "abbreviated" });
      // A, B
      case "GGGGG":
        return localize.era(era, { width: "narrow" });
      // Anno Domini, Before Christ
      case "GGGG":
      default:
        return localize.era(era, { width: "wide" });
    }
  },

  // Year
  y: function (date, token, localize) {
    // Ordinal number
    if (token === "yo") {
      const signedYear = date.getFullYear();
      // Returns 1 for 1 BC (which is year 0 in JavaScript)
      const year = signedYear > 0 ? signedYear : 1 - signedYear;
      return localize.ordinalNumber(year, { unit: "year" });
    }

    return lightFormatters.y(date, token);
  },

  // Local week-numbering year
  Y: function (date, token, localize, options) {
    const signedWeekYear = getWeekYear(date, options);
    // Returns 1 for 1 BC (which is year 0 in JavaScript)
    const weekYear = signedWeekYear > 0 ? signedWeekYear : 1 - signedWeekYear;

    // Two digit year
    if (token === "YY") {
      const twoDigitYear = weekYear % 100;
      return addLeadingZeros(twoDigitYear, 2);
    }

    // Ordinal number
    if (token === "Yo") {
      return localize.ordinalNumber(weekYear, { unit: "year" });
    }

    // Padding
    return addLeadingZeros(weekYear, token.length);
  },

  // ISO week-numbering year
  R: function (date, token) {
    const isoWeekYear = getISOWeekYear(date);

    // Padding
    return addLeadingZeros(isoWeekYear, token.length);
  },

  // Extended year. This is a single number designating the year of this calendar system.
  // The main difference between `y` and `u` localizers are B.C. years:
  // | Year | `y` | `u` |
  // |------|-----|-----|
  // | AC 1 |   1 |   1 |
  // | BC 1 |   1 |   0 |
  // | BC 2 |   2 |  -1 |
  // Also `yy` always returns the last two digits of a year,
  // while `uu` pads single digit years to 2 characters and returns other years unchanged.
  u: function (date, token) {
    const year = date.getFullYear();
    return addLeadingZeros(year, token.length);
  },

  // Quarter
  Q: function (date, token, localize) {
    const quarter = Math.ceil((date.getMonth() + 1) / 3);
    switch (token) {
      // 1, 2, 3, 4
      case "Q":
        return String(quarter);
      // 01, 02, 03, 04
      case "QQ":
        return addLeadingZeros(quarter, 2);
      // 1st, 2nd, 3rd, 4th
      case "Qo":
        return localize.ordinalNumber(quarter, { unit: "quarter" });
      // Q1, Q2, Q3, Q4
      case "QQQ":
        return localize.quarter(quarter, {
          width: "abbreviated",
          context: "formatting",
        });
      // 1, 2, 3, 4 (narrow quarter; could be not numerical)
      case "QQQQQ":
        return localize.quarter(quarter, {
          width: "narrow",
          context: "formatting",
        });
      // 1st quarter, 2nd quarter, ...
      case "QQQQ":
      default:
        return localize.quarter(quarter, {
          width: "wide",
          context: "formatting",
        });
    }
  },

  // Stand-alone quarter
  q: function (date, token, localize) {
    const quarter = Math.ceil((date.getMonth() + 1) / 3);
    switch (token) {
      // 1, 2, 3, 4
      case "q":
        return String(quarter);
      // 01, 02, 03, 04
      case "qq":
        return addLeadingZeros(quarter, 2);
      // 1st, 2nd, 3rd, 4th
      case "qo":
        return localize.ordinalNumber(quarter, { unit: "quarter" });
      // Q1, Q2, Q3, Q4
      case "qqq":
        return localize.quarter(quarter, {
          width: "abbreviated",
          context: "standalone",
        });
      // 1, 2, 3, 4 (narrow quarter; could be not numerical)
      case "qqqqq":
        return localize.quarter(quarter, {
          width: "narrow",
          context: "standalone",
        });
      // 1st quarter, 2nd quarter, ...
      case "qqqq":
      default:
        return localize.quarter(quarter, {
          width: "wide",
          context: "standalone",
        });
    }
  },

  // Month
  M: function (date, token, localize) {
    const month = date.getMonth();
    switch (token) {
      case "M":
      case "MM":
        return lightFormatters.M(date, token);
      // 1st, 2nd, ..., 12th
      case "Mo":
        return localize.ordinalNumber(month + 1, { unit: "month" });
      // Jan, Feb, ..., Dec
      case "MMM":
        return localize.month(month, {
          width: "abbreviated",
          context: "formatting",
        });
      // J, F, ..., D
      case "MMMMM":
        return localize.month(month, {
          width: "narrow",
          context: "formatting",
        });
      // January, February, ..., December
      case "MMMM":
      default:
        return localize.month(month, { width: "wide", context: "formatting" });
    }
  },

  // Stand-alone month
  L: function (date, token, localize) {
    const month = date.getMonth();
    switch (token) {
      // 1, 2, ..., 12
      case "L":
        return String(month + 1);
      // 01, 02, ..., 12
      case "LL":
        return addLeadingZeros(month + 1, 2);
      // 1st, 2nd, ..., 12th
      case "Lo":
        return localize.ordinalNumber(month + 1, { unit: "month" });
      // Jan, Feb, ..., Dec
      case "LLL":
        return localize.month(month, {
          width: "abbreviated",
          context: "standalone",
        });
      // J, F, ..., D
      case "LLLLL":
        return localize.month(month, {
          width: "narrow",
          context: "standalone",
        });
      // January, February, ..., December
      case "LLLL":
      default:
        return localize.month(month, { width: "wide", context: "standalone" });
    }
  },

  // Local week of year
  w: function (date, token, localize, options) {
    const week = getWeek(date, options);

    if (token === "wo") {
      return localize.ordinalNumber(week, { unit: "week" });
    }

    return addLeadingZeros(week, token.length);
  },

  // ISO week of year
  I: function (date, token, localize) {
    const isoWeek = getISOWeek(date);

    if (token === "Io") {
      return localize.ordinalNumber(isoWeek, { unit: "week" });
    }

    return addLeadingZeros(isoWeek, token.length);
  },

  // Day of the month
  d: function (date, token, localize) {
    if (token === "do") {
      return localize.ordinalNumber(date.getDate(), { unit: "date" });
    }

    return lightFormatters.d(date, token);
  },

  // Day of year
  D: function (date, token, localize) {
    const dayOfYear = getDayOfYear(date);

    if (token === "Do") {
      return localize.ordinalNumber(dayOfYear, { unit: "dayOfYear" });
    }

    return addLeadingZeros(dayOfYear, token.length);
  },

  // Day of week
  E: function (date, token, localize) {
    const dayOfWeek = date.getDay();
    switch (token) {
      // Tue
      case "E":
      case "EE":
      case "EEE":
        return localize.day(dayOfWeek, {
          width: "abbreviated",
          context: "formatting",
        });
      // T
      case "EEEEE":
        return localize.day(dayOfWeek, {
          width: "narrow",
          context: "formatting",
        });
      // Tu
      case "EEEEEE":
        return localize.day(dayOfWeek, {
          width: "short",
          context: "formatting",
        });
      // Tuesday
      case "EEEE":
      default:
        return localize.day(dayOfWeek, {
          width: "wide",
          context: "formatting",
        });
    }
  },

  // Local day of week
  e: function (date, token, localize, options) {
    const dayOfWeek = date.getDay();
    const localDayOfWeek = (dayOfWeek - options.weekStartsOn + 8) % 7 || 7;
    switch (token) {
      // Numerical value (Nth day of week with current locale or weekStartsOn)
      case "e":
        return String(localDayOfWeek);
      // Padded numerical value
      case "ee":
        return addLeadingZeros(localDayOfWeek, 2);
      // 1st, 2nd, ..., 7th
      case "eo":
        return localize.ordinalNumber(localDayOfWeek, { unit: "day" });
      case "eee":
        return localize.day(dayOfWeek, {
          width: "abbreviated",
          context: "formatting",
        });
      // T
      case "eeeee":
        return localize.day(dayOfWeek, {
          width: "narrow",
          context: "formatting",
        });
      // Tu
      case "eeeeee":
        return localize.day(dayOfWeek, {
          width: "short",
          context: "formatting",
        });
      // Tuesday
      case "eeee":
      default:
        return localize.day(dayOfWeek, {
          width: "wide",
          context: "formatting",
        });
    }
  },

  // Stand-alone local day of week
  c: function (date, token, localize, options) {
    const dayOfWeek = date.getDay();
    const localDayOfWeek = (dayOfWeek - options.weekStartsOn + 8) % 7 || 7;
    switch (token) {
      // Numerical value (same as in `e`)
      case "c":
        return String(localDayOfWeek);
      // Padded numerical value
      case "cc":
        return addLeadingZeros(localDayOfWeek, token.length);
      // 1st, 2nd, ..., 7th
      case "co":
        return localize.ordinalNumber(localDayOfWeek, { unit: "day" });
      case "ccc":
        return localize.day(dayOfWeek, {
          width: "abbreviated",
          context: "standalone",
        });
      // T
      case "ccccc":
        return localize.day(dayOfWeek, {
          width: "narrow",
          context: "standalone",
        });
      // Tu
      case "cccccc":
        return localize.day(dayOfWeek, {
          width: "short",
          context: "standalone",
        });
      // Tuesday
      case "cccc":
      default:
        return localize.day(dayOfWeek, {
          width: "wide",
          context: "standalone",
        });
    }
  },

  // ISO day of week
  i: function (date, token, localize) {
    const dayOfWeek = date.getDay();
    const isoDayOfWeek = dayOfWeek === 0 ? 7 : dayOfWeek;
    switch (token) {
      // 2
      case "i":
        return String(isoDayOfWeek);
      // 02
      case "ii":
        return addLeadingZeros(isoDayOfWeek, token.length);
      // 2nd
      case "io":
        return localize.ordinalNumber(isoDayOfWeek, { unit: "day" });
      // Tue
      case "iii":
        return localize.day(dayOfWeek, {
          width: "abbreviated",
          context: "formatting",
        });
      // T
      case "iiiii":
        return localize.day(dayOfWeek, {
          width: "narrow",
          context: "formatting",
        });
      // Tu
      case "iiiiii":
        return localize.day(dayOfWeek, {
          width: "short",
          context: "formatting",
        });
      // Tuesday
      case "iiii":
      default:
        return localize.day(dayOfWeek, {
          width: "wide",
          context: "formatting",
        });
    }
  },

  // AM or PM
  a: function (date, token, localize) {
    const hours = date.getHours();
    const dayPeriodEnumValue = hours / 12 >= 1 ? "pm" : "am";

    switch (token) {
      case "a":
      case "aa":
        return localize.dayPeriod(dayPeriodEnumValue, {
          width: "abbreviated",
          context: "formatting",
        });
      case "aaa":
        return localize
          .dayPeriod(dayPeriodEnumValue, {
            width: "abbreviated",
            context: "formatting",
          })
          .toLowerCase();
      case "aaaaa":
        return localize.dayPeriod(dayPeriodEnumValue, {
          width: "narrow",
          context: "formatting",
        });
      case "aaaa":
      default:
        return localize.dayPeriod(dayPeriodEnumValue, {
          width: "wide",
          context: "formatting",
        });
    }
  },

  // AM, PM, midnight, noon
  b: function (date, token, localize) {
    const hours = date.getHours();
    let dayPeriodEnumValue;
    if (hours === 12) {
      dayPeriodEnumValue = dayPeriodEnum.noon;
    } else if (hours === 0) {
      dayPeriodEnumValue = dayPeriodEnum.midnight;
    } else {
      dayPeriodEnumValue = hours / 12 >= 1 ? "pm" : "am";
    }

    switch (token) {
      case "b":
      case "bb":
        return localize.dayPeriod(dayPeriodEnumValue, {
          width: "abbreviated",
          context: "formatting",
        });
      case "bbb":
        return localize
          .dayPeriod(dayPeriodEnumValue, {
            width: "abbreviated",
            context: "formatting",
          })
          .toLowerCase();
      case "bbbbb":
        return localize.dayPeriod(dayPeriodEnumValue, {
          width: "narrow",
          context: "formatting",
        });
      case "bbbb":
      default:
        return localize.dayPeriod(dayPeriodEnumValue, {
          width: "wide",
          context: "formatting",
        });
    }
  },

  // in the morning, in the afternoon, in the evening, at night
  B: function (date, token, localize) {
    const hours = date.getHours();
    let dayPeriodEnumValue;
    if (hours >= 17) {
      dayPeriodEnumValue = dayPeriodEnum.evening;
    } else if (hours >= 12) {
      dayPeriodEnumValue = dayPeriodEnum.afternoon;
    } else if (hours >= 4) {
      dayPeriodEnumValue = dayPeriodEnum.morning;
    } else {
      dayPeriodEnumValue = dayPeriodEnum.night;
    }

    switch (token) {
      case "B":
      case "BB":
      case "BBB":
        return localize.dayPeriod(dayPeriodEnumValue, {
          width: "abbreviated",
          context: "formatting",
        });
      case "BBBBB":
        return localize.dayPeriod(dayPeriodEnumValue, {
          width: "narrow",
          context: "formatting",
        });
      case "BBBB":
      default:
        return localize.dayPeriod(dayPeriodEnumValue, {
          width: "wide",
          context: "formatting",
        });
    }
  },

  // Hour [1-12]
  h: function (date, token, localize) {
    if (token === "ho") {
      let hours = date.getHours() % 12;
      if (hours === 0) hours = 12;
      return localize.ordinalNumber(hours, { unit: "hour" });
    }

    return lightFormatters.h(date, token);
  },

  // Hour [0-23]
  H: function (date, token, localize) {
    if (token === "Ho") {
      return localize.ordinalNumber(date.getHours(), { unit: "hour" });
    }

    return lightFormatters.H(date, token);
  },

  // Hour [0-11]
  K: function (date, token, localize) {
    const hours = date.getHours() % 12;

    if (token === "Ko") {
      return localize.ordinalNumber(hours, { unit: "hour" });
    }

    return addLeadingZeros(hours, token.length);
  },

  // Hour [1-24]
  k: function (date, token, localize) {
    let hours = date.getHours();
    if (hours === 0) hours = 24;

    if (token === "ko") {
      return localize.ordinalNumber(hours, { unit: "hour" });
    }

    return addLeadingZeros(hours, token.length);
  },

  // Minute
  m: function (date, token, localize) {
    if (token === "mo") {
      return localize.ordinalNumber(date.getMinutes(), { unit: "minute" });
    }

    return lightFormatters.m(date, token);
  },

  // Second
  s: function (date, token, localize) {
    if (token === "so") {
      return localize.ordinalNumber(date.getSeconds(), { unit: "second" });
    }

    return lightFormatters.s(date, token);
  },

  // Fraction of second
  S: function (date, token) {
    return lightFormatters.S(date, token);
  },

  // Timezone (ISO-8601. If offset is 0, output is always `'Z'`)
  X: function (date, token, _localize) {
    const timezoneOffset = date.getTimezoneOffset();

    if (timezoneOffset === 0) {
      return "Z";
    }

    switch (token) {
      // Hours and optional minutes
      case "X":
        return formatTimezoneWithOptionalMinutes(timezoneOffset);

      // Hours, minutes and optional seconds without `:` delimiter
      // Note: neither ISO-8601 nor JavaScript supports seconds in timezone offsets
      // so this token always has the same output as `XX`
      case "XXXX":
      case "XX": // Hours and minutes without `:` delimiter
        return formatTimezone(timezoneOffset);

      // Hours, minutes and optional seconds with `:` delimiter
      // Note: neither ISO-8601 nor JavaScript supports seconds in timezone offsets
      // so this token always has the same output as `XXX`
      case "XXXXX":
      case "XXX": // Hours and minutes with `:` delimiter
      default:
        return formatTimezone(timezoneOffset, ":");
    }
  },

  // Timezone (ISO-8601. If offset is 0, output is `'+00:00'` or equivalent)
  x: function (date, token, _localize) {
    const timezoneOffset = date.getTimezoneOffset();

    switch (token) {
      // Hours and optional minutes
      case "x":
        return formatTimezoneWithOptionalMinutes(timezoneOffset);

      // Hours, minutes and optional seconds without `:` delimiter
      // Note: neither ISO-8601 nor JavaScript supports seconds in timezone offsets
      // so this token always has the same output as `xx`
      case "xxxx":
      case "xx": // Hours and minutes without `:` delimiter
        return formatTimezone(timezoneOffset);

      // Hours, minutes and optional seconds with `:` delimiter
      // Note: neither ISO-8601 nor JavaScript supports seconds in timezone offsets
      // so this token always has the same output as `xxx`
      case "xxxxx":
      case "xxx": // Hours and minutes with `:` delimiter
      default:
        return formatTimezone(timezoneOffset, ":");
    }
  },

  // Timezone (GMT)
  O: function (date, token, _localize) {
    const timezoneOffset = date.getTimezoneOffset();

    switch (token) {
      // Short
      case "O":
      case "OO":
      case "OOO":
        return "GMT" + formatTimezoneShort(timezoneOffset, ":");
      // Long
      case "OOOO":
      default:
        return "GMT" + formatTimezone(timezoneOffset, ":");
    }
  },

  // Timezone (specific non-location)
  z: function (date, token, _localize) {
    const timezoneOffset = date.getTimezoneOffset();

    switch (token) {
      // Short
      case "z":
      case "zz":
      case "zzz":
        return "GMT" + formatTimezoneShort(timezoneOffset, ":");
      // Long
      case "zzzz":
      default:
        return "GMT" + formatTimezone(timezoneOffset, ":");
    }
  },

  // Seconds timestamp
  t: function (date, token, _localize) {
    const timestamp = Math.trunc(+date / 1000);
    return addLeadingZeros(timestamp, token.length);
  },

  // Milliseconds timestamp
  T: function (date, token, _localize) {
    return addLeadingZeros(+date, token.length);
  },
};

function formatTimezoneShort(offset, delimiter = "") {
  const sign = offset > 0 ? "-" : "+";
  const absOffset = Math.abs(offset);
  const hours = Math.trunc(absOffset / 60);
  const minutes = absOffset % 60;
  if (minutes === 0) {
    return sign + String(hours);
  }
  return sign + String(hours) + delimiter + addLeadingZeros(minutes, 2);
}

function formatTimezoneWithOptionalMinutes(offset, delimiter) {
  if (offset % 60 === 0) {
    const sign = offset > 0 ? "-" : "+";
    return sign + addLeadingZeros(Math.abs(offset) / 60, 2);
  }
  return formatTimezone(offset, delimiter);
}

function formatTimezone(offset, delimiter = "") {
  const sign = offset > 0 ? "-" : "+";
  const absOffset = Math.abs(offset);
  const hours = addLeadingZeros(Math.trunc(absOffset / 60), 2);
  const minutes = addLeadingZeros(absOffset % 60, 2);
  return sign + hours + delimiter + minutes;
}

const dateLongFormatter = (pattern, formatLong) => {
  switch (pattern) {
    case "P":
      return formatLong.date({ width: "short" });
    case "PP":
      return formatLong.date({ width: "medium" });
    case "PPP":
      return formatLong.date({ width: "long" });
    case "PPPP":
    default:
      return formatLong.date({ width: "full" });
  }
};

const timeLongFormatter = (pattern, formatLong) => {
  switch (pattern) {
    case "p":
      return formatLong.time({ width: "short" });
    case "pp":
      return formatLong.time({ width: "medium" });
    case "ppp":
      return formatLong.time({ width: "long" });
    case "pppp":
    default:
      return formatLong.time({ width: "full" });
  }
};

const dateTimeLongFormatter = (pattern, formatLong) => {
  const matchResult = pattern.match(/(P+)(p+)?/) || [];
  const datePattern = matchResult[1];
  const timePattern = matchResult[2];

  if (!timePattern) {
    return dateLongFormatter(pattern, formatLong);
  }

  let dateTimeFormat;

  switch (datePattern) {
    case "P":
      dateTimeFormat = formatLong.dateTime({ width: "short" });
      break;
    case "PP":
      dateTimeFormat = formatLong.dateTime({ width: "medium" });
      break;
    case "PPP":
      dateTimeFormat = formatLong.dateTime({ width: "long" });
      break;
    case "PPPP":
    default:
      dateTimeFormat = formatLong.dateTime({ width: "full" });
      break;
  }

  return dateTimeFormat
    .replace("{{date}}", dateLongFormatter(datePattern, formatLong))
    .replace("{{time}}", timeLongFormatter(timePattern, formatLong));
};

const longFormatters = {
  p: timeLongFormatter,
  P: dateTimeLongFormatter,
};

const dayOfYearTokenRE = /^D+$/;
const weekYearTokenRE = /^Y+$/;

const throwTokens = ["D", "DD", "YY", "YYYY"];

function isProtectedDayOfYearToken(token) {
  return dayOfYearTokenRE.test(token);
}

function isProtectedWeekYearToken(token) {
  return weekYearTokenRE.test(token);
}

function warnOrThrowProtectedError(token, format, input) {
  const _message = message(token, format, input);
  console.warn(_message);
  if (throwTokens.includes(token)) throw new RangeError(_message);
}

function message(token, format, input) {
  const subject = token[0] === "Y" ? "years" : "days of the month";
  return `Use \`${token.toLowerCase()}\` instead of \`${token}\` (in \`${format}\`) for formatting ${subject} to the input \`${input}\`; see: https://github.com/date-fns/date-fns/blob/master/docs/unicodeTokens.md`;
}

// This RegExp consists of three parts separated by `|`:
// - [yYQqMLwIdDecihHKkms]o matches any available ordinal number token
//   (one of the certain letters followed by `o`)
// - (\w)\1* matches any sequences of the same letter
// - '' matches two quote characters in a row
// - '(''|[^'])+('|$) matches anything surrounded by two quote characters ('),
//   except a single quote symbol, which ends the sequence.
//   Two quote characters do not end the sequence.
//   If there is no matching single quote
//   then the sequence will continue until the end of the string.
// - . matches any single character unmatched by previous parts of the RegExps
const formattingTokensRegExp =
  /[yYQqMLwIdDecihHKkms]o|(\w)\1*|''|'(''|[^'])+('|$)|./g;

// This RegExp catches symbols escaped by quotes, and also
// sequences of symbols P, p, and the combinations like `PPPPPPPppppp`
const longFormattingTokensRegExp = /P+p+|P+|p+|''|'(''|[^'])+('|$)|./g;

const escapedStringRegExp = /^'([^]*?)'?$/;
const doubleQuoteRegExp = /''/g;
const unescapedLatinCharacterRegExp = /[a-zA-Z]/;

/**
 * The {@link format} function options.
 */

/**
 * @name format
 * @alias formatDate
 * @category Common Helpers
 * @summary Format the date.
 *
 * @description
 * Return the formatted date string in the given format. The result may vary by locale.
 *
 * > ⚠️ Please note that the `format` tokens differ from Moment.js and other libraries.
 * > See: https://github.com/date-fns/date-fns/blob/master/docs/unicodeTokens.md
 *
 * The characters wrapped between two single quotes characters (') are escaped.
 * Two single quotes in a row, whether inside or outside a quoted sequence, represent a 'real' single quote.
 * (see the last example)
 *
 * Format of the string is based on Unicode Technical Standard #35:
 * https://www.unicode.org/reports/tr35/tr35-dates.html#Date_Field_Symbol_Table
 * with a few additions (see note 7 below the table).
 *
 * Accepted patterns:
 * | Unit                            | Pattern | Result examples                   | Notes |
 * |---------------------------------|---------|-----------------------------------|-------|
 * | Era                             | G..GGG  | AD, BC                            |       |
 * |                                 | GGGG    | Anno Domini, Before Christ        | 2     |
 * |                                 | GGGGG   | A, B                              |       |
 * | Calendar year                   | y       | 44, 1, 1900, 2017                 | 5     |
 * |                                 | yo      | 44th, 1st, 0th, 17th              | 5,7   |
 * |                                 | yy      | 44, 01, 00, 17                    | 5     |
 * |                                 | yyy     | 044, 001, 1900, 2017              | 5     |
 * |                                 | yyyy    | 0044, 0001, 1900, 2017            | 5     |
 * |                                 | yyyyy   | ...                               | 3,5   |
 * | Local week-numbering year       | Y       | 44, 1, 1900, 2017                 | 5     |
 * |                                 | Yo      | 44th, 1st, 1900th, 2017th         | 5,7   |
 * |                                 | YY      | 44, 01, 00, 17                    | 5,8   |
 * |                                 | YYY     | 044, 001, 1900, 2017              | 5     |
 * |                                 | YYYY    | 0044, 0001, 1900, 2017            | 5,8   |
 * |                                 | YYYYY   | ...                               | 3,5   |
 * | ISO week-numbering year         | R       | -43, 0, 1, 1900, 2017             | 5,7   |
 * |                                 | RR      | -43, 00, 01, 1900, 2017           | 5,7   |
 * |                                 | RRR     | -043, 000, 001, 1900, 2017        | 5,7   |
 * |                                 | RRRR    | -0043, 0000, 0001, 1900, 2017     | 5,7   |
 * |                                 | RRRRR   | ...                               | 3,5,7 |
 * | Extended year                   | u       | -43, 0, 1, 1900, 2017             | 5     |
 * |                                 | uu      | -43, 01, 1900, 2017               | 5     |
 * |                                 | uuu     | -043, 001, 1900, 2017             | 5     |
 * |                                 | uuuu    | -0043, 0001, 1900, 2017           | 5     |
 * |                                 | uuuuu   | ...                               | 3,5   |
 * | Quarter (formatting)            | Q       | 1, 2, 3, 4                        |       |
 * |                                 | Qo      | 1st, 2nd, 3rd, 4th                | 7     |
 * |                                 | QQ      | 01, 02, 03, 04                    |       |
 * |                                 | QQQ     | Q1, Q2, Q3, Q4                    |       |
 * |                                 | QQQQ    | 1st quarter, 2nd quarter, ...     | 2     |
 * |                                 | QQQQQ   | 1, 2, 3, 4                        | 4     |
 * | Quarter (stand-alone)           | q       | 1, 2, 3, 4                        |       |
 * |                                 | qo      | 1st, 2nd, 3rd, 4th                | 7     |
 * |                                 | qq      | 01, 02, 03, 04                    |       |
 * |                                 | qqq     | Q1, Q2, Q3, Q4                    |       |
 * |                                 | qqqq    | 1st quarter, 2nd quarter, ...     | 2     |
 * |                                 | qqqqq   | 1, 2, 3, 4                        | 4     |
 * | Month (formatting)              | M       | 1, 2, ..., 12                     |       |
 * |                                 | Mo      | 1st, 2nd, ..., 12th               | 7     |
 * |                                 | MM      | 01, 02, ..., 12                   |       |
 * |                                 | MMM     | Jan, Feb, ..., Dec                |       |
 * |                                 | MMMM    | January, February, ..., December  | 2     |
 * |                                 | MMMMM   | J, F, ..., D                      |       |
 * | Month (stand-alone)             | L       | 1, 2, ..., 12                     |       |
 * |                                 | Lo      | 1st, 2nd, ..., 12th               | 7     |
 * |                                 | LL      | 01, 02, ..., 12                   |       |
 * |                                 | LLL     | Jan, Feb, ..., Dec                |       |
 * |                                 | LLLL    | January, February, ..., December  | 2     |
 * |                                 | LLLLL   | J, F, ..., D                      |       |
 * | Local week of year              | w       | 1, 2, ..., 53                     |       |
 * |                                 | wo      | 1st, 2nd, ..., 53th               | 7     |
 * |                                 | ww      | 01, 02, ..., 53                   |       |
 * | ISO week of year                | I       | 1, 2, ..., 53                     | 7     |
 * |                                 | Io      | 1st, 2nd, ..., 53th               | 7     |
 * |                                 | II      | 01, 02, ..., 53                   | 7     |
 * | Day of month                    | d       | 1, 2, ..., 31                     |       |
 * |                                 | do      | 1st, 2nd, ..., 31st               | 7     |
 * |                                 | dd      | 01, 02, ..., 31                   |       |
 * | Day of year                     | D       | 1, 2, ..., 365, 366               | 9     |
 * |                                 | Do      | 1st, 2nd, ..., 365th, 366th       | 7     |
 * |                                 | DD      | 01, 02, ..., 365, 366             | 9     |
 * |                                 | DDD     | 001, 002, ..., 365, 366           |       |
 * |                                 | DDDD    | ...                               | 3     |
 * | Day of week (formatting)        | E..EEE  | Mon, Tue, Wed, ..., Sun           |       |
 * |                                 | EEEE    | Monday, Tuesday, ..., Sunday      | 2     |
 * |                                 | EEEEE   | M, T, W, T, F, S, S               |       |
 * |                                 | EEEEEE  | Mo, Tu, We, Th, Fr, Sa, Su        |       |
 * | ISO day of week (formatting)    | i       | 1, 2, 3, ..., 7                   | 7     |
 * |                                 | io      | 1st, 2nd, ..., 7th                | 7     |
 * |                                 | ii      | 01, 02, ..., 07                   | 7     |
 * |                                 | iii     | Mon, Tue, Wed, ..., Sun           | 7     |
 * |                                 | iiii    | Monday, Tuesday, ..., Sunday      | 2,7   |
 * |                                 | iiiii   | M, T, W, T, F, S, S               | 7     |
 * |                                 | iiiiii  | Mo, Tu, We, Th, Fr, Sa, Su        | 7     |
 * | Local day of week (formatting)  | e       | 2, 3, 4, ..., 1                   |       |
 * |                                 | eo      | 2nd, 3rd, ..., 1st                | 7     |
 * |                                 | ee      | 02, 03, ..., 01                   |       |
 * |                                 | eee     | Mon, Tue, Wed, ..., Sun           |       |
 * |                                 | eeee    | Monday, Tuesday, ..., Sunday      | 2     |
 * |                                 | eeeee   | M, T, W, T, F, S, S               |       |
 * |                                 | eeeeee  | Mo, Tu, We, Th, Fr, Sa, Su        |       |
 * | Local day of week (stand-alone) | c       | 2, 3, 4, ..., 1                   |       |
 * |                                 | co      | 2nd, 3rd, ..., 1st                | 7     |
 * |                                 | cc      | 02, 03, ..., 01                   |       |
 * |                                 | ccc     | Mon, Tue, Wed, ..., Sun           |       |
 * |                                 | cccc    | Monday, Tuesday, ..., Sunday      | 2     |
 * |                                 | ccccc   | M, T, W, T, F, S, S               |       |
 * |                                 | cccccc  | Mo, Tu, We, Th, Fr, Sa, Su        |       |
 * | AM, PM                          | a..aa   | AM, PM                            |       |
 * |                                 | aaa     | am, pm                            |       |
 * |                                 | aaaa    | a.m., p.m.                        | 2     |
 * |                                 | aaaaa   | a, p                              |       |
 * | AM, PM, noon, midnight          | b..bb   | AM, PM, noon, midnight            |       |
 * |                                 | bbb     | am, pm, noon, midnight            |       |
 * |                                 | bbbb    | a.m., p.m., noon, midnight        | 2     |
 * |                                 | bbbbb   | a, p, n, mi                       |       |
 * | Flexible day period             | B..BBB  | at night, in the morning, ...     |       |
 * |                                 | BBBB    | at night, in the morning, ...     | 2     |
 * |                                 | BBBBB   | at night, in the morning, ...     |       |
 * | Hour [1-12]                     | h       | 1, 2, ..., 11, 12                 |       |
 * |                                 | ho      | 1st, 2nd, ..., 11th, 12th         | 7     |
 * |                                 | hh      | 01, 02, ..., 11, 12               |       |
 * | Hour [0-23]                     | H       | 0, 1, 2, ..., 23                  |       |
 * |                                 | Ho      | 0th, 1st, 2nd, ..., 23rd          | 7     |
 * |                                 | HH      | 00, 01, 02, ..., 23               |       |
 * | Hour [0-11]                     | K       | 1, 2, ..., 11, 0                  |       |
 * |                                 | Ko      | 1st, 2nd, ..., 11th, 0th          | 7     |
 * |                                 | KK      | 01, 02, ..., 11, 00               |       |
 * | Hour [1-24]                     | k       | 24, 1, 2, ..., 23                 |       |
 * |                                 | ko      | 24th, 1st, 2nd, ..., 23rd         | 7     |
 * |                                 | kk      | 24, 01, 02, ..., 23               |       |
 * | Minute                          | m       | 0, 1, ..., 59                     |       |
 * |                                 | mo      | 0th, 1st, ..., 59th               | 7     |
 * |                                 | mm      | 00, 01, ..., 59                   |       |
 * | Second                          | s       | 0, 1, ..., 59                     |       |
 * |                                 | so      | 0th, 1st, ..., 59th               | 7     |
 * |                                 | ss      | 00, 01, ..., 59                   |       |
 * | Fraction of second              | S       | 0, 1, ..., 9                      |       |
 * |                                 | SS      | 00, 01, ..., 99                   |       |
 * |                                 | SSS     | 000, 001, ..., 999                |       |
 * |                                 | SSSS    | ...                               | 3     |
 * | Timezone (ISO-8601 w/ Z)        | X       | -08, +0530, Z                     |       |
 * |                                 | XX      | -0800, +0530, Z                   |       |
 * |                                 | XXX     | -08:00, +05:30, Z                 |       |
 * |                                 | XXXX    | -0800, +0530, Z, +123456          | 2     |
 * |                                 | XXXXX   | -08:00, +05:30, Z, +12:34:56      |       |
 * | Timezone (ISO-8601 w/o Z)       | x       | -08, +0530, +00                   |       |
 * |                                 | xx      | -0800, +0530, +0000               |       |
 * |                                 | xxx     | -08:00, +05:30, +00:00            | 2     |
 * |                                 | xxxx    | -0800, +0530, +0000, +123456      |       |
 * |                                 | xxxxx   | -08:00, +05:30, +00:00, +12:34:56 |       |
 * | Timezone (GMT)                  | O...OOO | GMT-8, GMT+5:30, GMT+0            |       |
 * |                                 | OOOO    | GMT-08:00, GMT+05:30, GMT+00:00   | 2     |
 * | Timezone (specific non-locat.)  | z...zzz | GMT-8, GMT+5:30, GMT+0            | 6     |
 * |                                 | zzzz    | GMT-08:00, GMT+05:30, GMT+00:00   | 2,6   |
 * | Seconds timestamp               | t       | 512969520                         | 7     |
 * |                                 | tt      | ...                               | 3,7   |
 * | Milliseconds timestamp          | T       | 512969520900                      | 7     |
 * |                                 | TT      | ...                               | 3,7   |
 * | Long localized date             | P       | 04/29/1453                        | 7     |
 * |                                 | PP      | Apr 29, 1453                      | 7     |
 * |                                 | PPP     | April 29th, 1453                  | 7     |
 * |                                 | PPPP    | Friday, April 29th, 1453          | 2,7   |
 * | Long localized time             | p       | 12:00 AM                          | 7     |
 * |                                 | pp      | 12:00:00 AM                       | 7     |
 * |                                 | ppp     | 12:00:00 AM GMT+2                 | 7     |
 * |                                 | pppp    | 12:00:00 AM GMT+02:00             | 2,7   |
 * | Combination of date and time    | Pp      | 04/29/1453, 12:00 AM              | 7     |
 * |                                 | PPpp    | Apr 29, 1453, 12:00:00 AM         | 7     |
 * |                                 | PPPppp  | April 29th, 1453 at ...           | 7     |
 * |                                 | PPPPpppp| Friday, April 29th, 1453 at ...   | 2,7   |
 * Notes:
 * 1. "Formatting" units (e.g. formatting quarter) in the default en-US locale
 *    are the same as "stand-alone" units, but are different in some languages.
 *    "Formatting" units are declined according to the rules of the language
 *    in the context of a date. "Stand-alone" units are always nominative singular:
 *
 *    `format(new Date(2017, 10, 6), 'do LLLL', {locale: cs}) //=> '6. listopad'`
 *
 *    `format(new Date(2017, 10, 6), 'do MMMM', {locale: cs}) //=> '6. listopadu'`
 *
 * 2. Any sequence of the identical letters is a pattern, unless it is escaped by
 *    the single quote characters (see below).
 *    If the sequence is longer than listed in table (e.g. `EEEEEEEEEEE`)
 *    the output will be the same as default pattern for this unit, usually
 *    the longest one (in case of ISO weekdays, `EEEE`). Default patterns for units
 *    are marked with "2" in the last column of the table.
 *
 *    `format(new Date(2017, 10, 6), 'MMM') //=> 'Nov'`
 *
 *    `format(new Date(2017, 10, 6), 'MMMM') //=> 'November'`
 *
 *    `format(new Date(2017, 10, 6), 'MMMMM') //=> 'N'`
 *
 *    `format(new Date(2017, 10, 6), 'MMMMMM') //=> 'November'`
 *
 *    `format(new Date(2017, 10, 6), 'MMMMMMM') //=> 'November'`
 *
 * 3. Some patterns could be unlimited length (such as `yyyyyyyy`).
 *    The output will be padded with zeros to match the length of the pattern.
 *
 *    `format(new Date(2017, 10, 6), 'yyyyyyyy') //=> '00002017'`
 *
 * 4. `QQQQQ` and `qqqqq` could be not strictly numerical in some locales.
 *    These tokens represent the shortest form of the quarter.
 *
 * 5. The main difference between `y` and `u` patterns are B.C. years:
 *
 *    | Year | `y` | `u` |
 *    |------|-----|-----|
 *    | AC 1 |   1 |   1 |
 *    | BC 1 |   1 |   0 |
 *    | BC 2 |   2 |  -1 |
 *
 *    Also `yy` always returns the last two digits of a year,
 *    while `uu` pads single digit years to 2 characters and returns other years unchanged:
 *
 *    | Year | `yy` | `uu` |
 *    |------|------|------|
 *    | 1    |   01 |   01 |
 *    | 14   |   14 |   14 |
 *    | 376  |   76 |  376 |
 *    | 1453 |   53 | 1453 |
 *
 *    The same difference is true for local and ISO week-numbering years (`Y` and `R`),
 *    except local week-numbering years are dependent on `options.weekStartsOn`
 *    and `options.firstWeekContainsDate` (compare [getISOWeekYear](https://date-fns.org/docs/getISOWeekYear)
 *    and [getWeekYear](https://date-fns.org/docs/getWeekYear)).
 *
 * 6. Specific non-location timezones are currently unavailable in `date-fns`,
 *    so right now these tokens fall back to GMT timezones.
 *
 * 7. These patterns are not in the Unicode Technical Standard #35:
 *    - `i`: ISO day of week
 *    - `I`: ISO week of year
 *    - `R`: ISO week-numbering year
 *    - `t`: seconds timestamp
 *    - `T`: milliseconds timestamp
 *    - `o`: ordinal number modifier
 *    - `P`: long localized date
 *    - `p`: long localized time
 *
 * 8. `YY` and `YYYY` tokens represent week-numbering years but they are often confused with years.
 *    You should enable `options.useAdditionalWeekYearTokens` to use them. See: https://github.com/date-fns/date-fns/blob/master/docs/unicodeTokens.md
 *
 * 9. `D` and `DD` tokens represent days of the year but they are often confused with days of the month.
 *    You should enable `options.useAdditionalDayOfYearTokens` to use them. See: https://github.com/date-fns/date-fns/blob/master/docs/unicodeTokens.md
 *
 * @param date - The original date
 * @param format - The string of tokens
 * @param options - An object with options
 *
 * @returns The formatted date string
 *
 * @throws `date` must not be Invalid Date
 * @throws `options.locale` must contain `localize` property
 * @throws `options.locale` must contain `formatLong` property
 * @throws use `yyyy` instead of `YYYY` for formatting years using [format provided] to the input [input provided]; see: https://github.com/date-fns/date-fns/blob/master/docs/unicodeTokens.md
 * @throws use `yy` instead of `YY` for formatting years using [format provided] to the input [input provided]; see: https://github.com/date-fns/date-fns/blob/master/docs/unicodeTokens.md
 * @throws use `d` instead of `D` for formatting days of the month using [format provided] to the input [input provided]; see: https://github.com/date-fns/date-fns/blob/master/docs/unicodeTokens.md
 * @throws use `dd` instead of `DD` for formatting days of the month using [format provided] to the input [input provided]; see: https://github.com/date-fns/date-fns/blob/master/docs/unicodeTokens.md
 * @throws format string contains an unescaped latin alphabet character
 *
 * @example
 * // Represent 11 February 2014 in middle-endian format:
 * const result = format(new Date(2014, 1, 11), 'MM/dd/yyyy')
 * //=> '02/11/2014'
 *
 * @example
 * // Represent 2 July 2014 in Esperanto:
 * import { eoLocale } from 'date-fns/locale/eo'
 * const result = format(new Date(2014, 6, 2), "do 'de' MMMM yyyy", {
 *   locale: eoLocale
 * })
 * //=> '2-a de julio 2014'
 *
 * @example
 * // Escape string by single quote characters:
 * const result = format(new Date(2014, 6, 2, 15), "h 'o''clock'")
 * //=> "3 o'clock"
 */
function format(date, formatStr, options) {
  const defaultOptions = getDefaultOptions();
  const locale = defaultOptions.locale ?? enUS;

  const firstWeekContainsDate =
    defaultOptions.firstWeekContainsDate ??
    defaultOptions.locale?.options?.firstWeekContainsDate ??
    1;

  const weekStartsOn =
    defaultOptions.weekStartsOn ??
    defaultOptions.locale?.options?.weekStartsOn ??
    0;

  const originalDate = toDate(date, options?.in);

  if (!isValid(originalDate)) {
    throw new RangeError("Invalid time value");
  }

  let parts = formatStr
    .match(longFormattingTokensRegExp)
    .map((substring) => {
      const firstCharacter = substring[0];
      if (firstCharacter === "p" || firstCharacter === "P") {
        const longFormatter = longFormatters[firstCharacter];
        return longFormatter(substring, locale.formatLong);
      }
      return substring;
    })
    .join("")
    .match(formattingTokensRegExp)
    .map((substring) => {
      // Replace two single quote characters with one single quote character
      if (substring === "''") {
        return { isToken: false, value: "'" };
      }

      const firstCharacter = substring[0];
      if (firstCharacter === "'") {
        return { isToken: false, value: cleanEscapedString(substring) };
      }

      if (formatters[firstCharacter]) {
        return { isToken: true, value: substring };
      }

      if (firstCharacter.match(unescapedLatinCharacterRegExp)) {
        throw new RangeError(
          "Format string contains an unescaped latin alphabet character `" +
            firstCharacter +
            "`",
        );
      }

      return { isToken: false, value: substring };
    });

  // invoke localize preprocessor (only for french locales at the moment)
  if (locale.localize.preprocessor) {
    parts = locale.localize.preprocessor(originalDate, parts);
  }

  const formatterOptions = {
    firstWeekContainsDate,
    weekStartsOn,
    locale,
  };

  return parts
    .map((part) => {
      if (!part.isToken) return part.value;

      const token = part.value;

      if (
        (isProtectedWeekYearToken(token)) ||
        (isProtectedDayOfYearToken(token))
      ) {
        warnOrThrowProtectedError(token, formatStr, String(date));
      }

      const formatter = formatters[token[0]];
      return formatter(originalDate, token, locale.localize, formatterOptions);
    })
    .join("");
}

function cleanEscapedString(input) {
  const matched = input.match(escapedStringRegExp);

  if (!matched) {
    return input;
  }

  return matched[1].replace(doubleQuoteRegExp, "'");
}

class StartError extends Error {
  name = "StartError";
}

const DEFAULT_PORT = 4321;
function readConfig(env = process.env) {
  const port = env.PORT === void 0 || env.PORT === "" ? DEFAULT_PORT : Number(env.PORT);
  if (!Number.isInteger(port) || port < 1 || port > 65535) {
    throw new StartError(`PORT must be a number from 1 to 65535, not "${env.PORT}".`);
  }
  const fixedNow = env.INNINGS_NOW ? new Date(env.INNINGS_NOW) : null;
  if (fixedNow && Number.isNaN(fixedNow.getTime())) {
    throw new StartError(`INNINGS_NOW must be a time like 2026-10-20T09:00:00Z.`);
  }
  return {
    dataFolder: path.resolve(env.INNINGS_DATA || defaultDataFolder(env)),
    host: env.HOST || "127.0.0.1",
    port,
    extraHosts: (env.INNINGS_HOSTS ?? "").split(",").map((host) => host.trim()).filter(Boolean),
    demo: env.INNINGS_DEMO === "1",
    dailyCopies: env.INNINGS_COPIES !== "0",
    balance: balanceOf(env),
    tls: tlsFiles(env),
    fixedNow
  };
}
function balanceOf({
  INNINGS_BALANCE: setting,
  INNINGS_DEMO
}) {
  if (setting === void 0 || setting === "") return INNINGS_DEMO === "1" ? "simulated" : null;
  if (setting === "none") return null;
  if (setting === "simulated") return setting;
  const [, host = "", port = ""] = /^\[?(.+?)\]?:(\d{1,5})$/.exec(setting) ?? [];
  if (!host || Number(port) < 1 || Number(port) > 65535) {
    throw new StartError(
      `INNINGS_BALANCE must be a host and port such as 192.168.1.20:5000, "simulated" or "none", not "${setting}".`
    );
  }
  return { host, port: Number(port) };
}
function tlsFiles({ INNINGS_TLS_CERT: certificate, INNINGS_TLS_KEY: key }) {
  if (!certificate && !key) return null;
  if (!certificate || !key) {
    throw new StartError("INNINGS_TLS_CERT and INNINGS_TLS_KEY belong together: set both.");
  }
  return { certificate: path.resolve(certificate), key: path.resolve(key) };
}
function defaultDataFolder(env) {
  const shared = env.XDG_DATA_HOME || path.join(homedir(), ".local", "share");
  return path.join(shared, "innings");
}

function now() {
  return readConfig().fixedNow ?? /* @__PURE__ */ new Date();
}
function dayAt(timeZone, at) {
  return format(new TZDate(at, timeZone), "yyyy-MM-dd");
}

const COST = { N: 2 ** 15, r: 8, p: 1, maxmem: 64 * 1024 * 1024 };
const SALT_BYTES = 16;
const HASH_BYTES = 32;
async function hashPassphrase(passphrase) {
  const salt = randomBytes(SALT_BYTES);
  const hash = await derive(passphrase, salt);
  return { salt: salt.toString("base64"), hash: hash.toString("base64") };
}
async function isPassphrase(passphrase, kept) {
  const hash = await derive(passphrase, Buffer.from(kept.salt, "base64"));
  const wanted = Buffer.from(kept.hash, "base64");
  return hash.length === wanted.length && timingSafeEqual(hash, wanted);
}
let last = Promise.resolve();
function derive(passphrase, salt) {
  const next = last.then(
    () => new Promise((resolve, reject) => {
      const text = passphrase.normalize("NFKC");
      scrypt(
        text,
        salt,
        HASH_BYTES,
        COST,
        (error, hash) => error ? reject(error) : resolve(hash)
      );
    })
  );
  last = next.catch(() => {
  });
  return next;
}

export { shareKept as A, millisecondsInHour as B, Joi as J, StartError as S, TZDate as T, readAccess as a, constructFrom as b, changeAccess as c, dayAt as d, instant as e, forget as f, amendments as g, hashPassphrase as h, isPassphrase as i, bytes as j, keep as k, getDefaultExportFromCjs as l, materials as m, now as n, forgetAll as o, tzOffset as p, shippedCorrections as q, readConfig as r, siteSettings as s, toDate as t, isTransaction as u, version as v, generationOf as w, placesIn as x, flushFolder as y, flush as z };
